import { messages } from '../messages';

export const houseWords = messages('house', {
  title: 'Log of the house',
  lead: 'What an inspector asks for, and what nobody remembers in March.',
  add: 'Write something down',
  theEntry: 'the entry',
  nothingYet: 'Nothing written down yet. Begin with what you last cleaned.',
  what: 'What happened',
  when: 'When',
  inWords: 'In a few words',
  inWordsHint: 'For example: extractor and tank washed with hot water, dried overnight',
  openHoney: 'Honey that stood open near the glass',
  remark: 'What was done about it',
  addHelp: 'One line is enough.',
  cleaned: 'Cleaned and dried',
  water: 'Water tested',
  hands: 'Hands, clothes, who worked',
  pests: 'Traps and gaps checked',
  combs: 'Combs in store looked through',
  glass: 'Glass broke',
  repair: 'Something repaired',
  other: 'Something else',
  roundWhy:
    'It comes round every {days, plural, one {day} other {# days}}. Write it down once it is done.',
  glassCaution:
    'Stop the work. Whatever stood open near it is thrown away or kept apart: straining does not find every splinter. Choose the lots below: they are held for every use.',
  heldNow: 'Held: {lots}',
  released: 'To free a lot, open its page and change what is known of it.',
  cautions: 'Where people get hurt',
  smokerTitle: 'Smoker and fire',
  smokerText:
    'Dry grass, wind: put the smoker in a metal box, keep water beside it, plug it and stand it on stone. Never leave it in the car while it is warm.',
  liftTitle: 'Lifting',
  liftText:
    'A full box weighs [30 kg] and more. Two people, or frame by frame; knees, not back; the barrow close to the hive.',
  electricTitle: 'Heat, electricity, water',
  electricText:
    'Heaters and dehumidifiers stand away from wet floors, on a circuit with a residual-current breaker. A hot knife is put down only on its stand.',
  spinningTitle: 'Spinning',
  spinningText:
    'Lid shut while it turns; hair, sleeves and strings away from it. It stops before a hand goes in.',
  hygieneTitle: 'Hands and health',
  hygieneText:
    'Wash hands with drinking water before and after; no work with open honey while ill in the stomach; cuts under a coloured plaster.',
  rulesTitle: 'Local rules',
  rulesText:
    'Registration, water tests and labels differ from place to place: ask the food authority before you sell.',
  stungTitle: 'Stung?',
  stungLead: 'Tick what you see. When in doubt, call.',
  stungLink: 'Stung? What to do',
  breath: 'Hard to breathe, hoarse, or a swollen tongue',
  faint: 'Faint, dizzy, confused or very pale',
  rashElsewhere: 'Rash or swelling away from the sting',
  sick: 'Sick in the stomach, cramps',
  mouth: 'Stung in mouth or throat',
  known: 'A known allergy to stings',
  many: 'Twenty stings or more',
  hereOnly: 'Only the place itself hurts or swells',
  lookFirst: 'Look first: breathing, face, skin.',
  lookFirstWhy: 'Lead the person away from the hives, and do not leave them alone.',
  callNow: 'Call the emergency number now.',
  callNowWhy:
    'Say “severe allergic reaction”. Use the adrenaline pen if there is one, by its own instructions. Lay the person down with legs raised; if breathing is hard, let them sit. Do not leave them, do not let them walk or drive.',
  askDoctor: 'Get medical advice now, and watch closely.',
  askDoctorWhy:
    'Do not stay alone and do not drive for an hour or two. Call the emergency number as soon as anything else below begins.',
  local: 'Usually harmless: watch for half an hour.',
  localWhy:
    'Scrape the sting out at once, leave the hives, cool the place, take rings off. Call as soon as anything else below begins.',
  notADoctor: 'This page is no doctor. Doctors and the emergency service decide.',
  whereYouAre: 'Tell them where you are: write the address of each yard where people can read it.',
});
