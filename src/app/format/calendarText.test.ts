import { describe, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import { calendarText } from './calendarText';

describe('the calendar file, read back by another library', () => {
  const entries = [
    {
      id: 'read a-1',
      title: 'Read Outer marsh; pulled early',
      about: 'Comma, semicolon; and umlaut: Röhrchen',
      atMs: Date.UTC(2026, 10, 25, 18, 30),
      hours: 0,
    },
    { id: 'cool a-1', title: 'Cool it', about: '', atMs: Date.UTC(2026, 11, 1, 6), hours: 4.5 },
  ];
  const calendar = new ICAL.Component(ICAL.parse(calendarText(entries)) as unknown[]);
  const events = calendar
    .getAllSubcomponents('vevent')
    .map((subcomponent) => new ICAL.Event(subcomponent));

  test('time, title and text are what was put in', () => {
    expect(events.map((item) => item.summary)).toEqual(entries.map((entry) => entry.title));
    expect(events[0]?.description).toBe(entries[0]?.about);
    expect(events.map((item) => item.startDate.toJSDate().getTime())).toEqual(
      entries.map((entry) => entry.atMs),
    );
    expect(events.map((item) => item.duration.toSeconds() / 60)).toEqual([15, 270]);
    expect(new Set(events.map((item) => item.uid)).size).toBe(2);
  });

  test('each has a reminder, and lines end and fold as RFC 5545 asks', () => {
    const text = calendarText(entries);
    expect(text.match(/BEGIN:VALARM/g)).toHaveLength(2);
    expect(text.split('\r\n').every((line) => new TextEncoder().encode(line).length <= 76)).toBe(
      true,
    );
  });
});
