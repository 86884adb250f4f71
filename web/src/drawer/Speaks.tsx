import { useGaugePort } from '../api/signals';

interface SpeaksProps {
  /** At which serial port, in a sentence. */
  words: string;
  /** The gauge's, in the shop. */
  number: string;
}

/** At which serial port a gauge is, and why nothing is heard of it where the port is not there. */
export function Speaks({ words, number }: SpeaksProps) {
  const heard = useGaugePort(true).data?.serial.find(({ gauge }) => gauge === number);
  return heard?.trouble ? (
    <p className="border-l-4 border-near pl-3 font-semibold">
      {words} {heard.trouble}
    </p>
  ) : (
    <p className="text-quiet">{words}</p>
  );
}
