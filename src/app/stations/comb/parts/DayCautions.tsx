import type { ReactElement } from 'react';
import { BEETLE_SIGHTS, extractWithinHours } from '../../../../core';
import type { HarvestDay } from '../../../../model';
import { SheetSection } from '../../../ui/page/SheetSection';

const [, ADULTS, LARVAE] = BEETLE_SIGHTS;

/** Clearing, lifting, robbing, beetles: what applies to this day. */
export function DayCautions({ day }: { day: HarvestDay }): ReactElement {
  const { clearing, outdoorTemperatureC, relativeHumidity } = day.harvest.content;
  const beetles = day.judged.some((one) => one.check.beetles === ADULTS);
  const larvae = day.judged.some((one) => one.check.beetles === LARVAE);
  const hours = extractWithinHours(outdoorTemperatureC, relativeHumidity);
  const cautions = [
    beetles && `Beetles were seen: extract within ${hours} hours, and keep the frames closed.`,
    larvae && 'Frames with larvae of beetles are no honey; keep them away from all others.',
    clearing.method === 'scent' &&
      `${clearing.agent === '' ? 'The scent' : clearing.agent}: follow its label; left on open comb too long it taints the honey, and tainted honey is for no use at all.`,
    clearing.method === 'smoke' && 'Little smoke, and no ash: honey takes up the smell.',
    clearing.method === 'blower' && 'Blow from behind the hive, with ears and eyes protected.',
    'A full box weighs 30 kg and more: lift with somebody, or take frames out one by one.',
    'Cover everything, close totes and doors; wet boxes draw robbers, so move them after dusk.',
    'Smokers and dry grass: keep water at hand. Know who among you is allergic to stings.',
  ];
  return (
    <SheetSection id="cautions" title="Mind">
      <ul className="list-disc space-y-1 pl-5 text-base">
        {cautions
          .filter((one) => one !== false)
          .map((one) => (
            <li key={one}>{one}</li>
          ))}
      </ul>
    </SheetSection>
  );
}
