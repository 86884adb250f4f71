import { Route, Routes } from 'react-router';
import { CardScreen } from './CardScreen';
import { FeelersScreen } from './FeelersScreen';
import { FitPart } from './FitPart';
import { HolesPart } from './HolesPart';
import { InchPart } from './InchPart';
import { LobesPart } from './LobesPart';
import { SchoolsPart } from './SchoolsPart';
import { StackScreen } from './StackScreen';
import { ThreadPart } from './ThreadPart';
import { TwentyScreen } from './TwentyScreen';
import { WordsPart } from './WordsPart';

/** The card whole, fetched when it is opened. */
export default function Card() {
  return (
    <Routes>
      <Route index element={<CardScreen />} />
      <Route path="inch" element={<InchPart />} />
      <Route path="threads" element={<ThreadPart />} />
      <Route path="fits" element={<FitPart />} />
      <Route path="holes" element={<HolesPart />} />
      <Route path="v-block" element={<LobesPart />} />
      <Route path="blocks" element={<StackScreen />} />
      <Route path="feelers" element={<FeelersScreen />} />
      <Route path="twenty" element={<TwentyScreen />} />
      <Route path="words" element={<WordsPart />} />
      <Route path="schools" element={<SchoolsPart />} />
      <Route path="*" element={<CardScreen />} />
    </Routes>
  );
}
