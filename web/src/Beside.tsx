import { lazy } from 'react';
import { Route, Routes } from 'react-router';
import { BringJobScreen } from './bringin/BringJobScreen';
import { BringReadingsScreen } from './bringin/BringReadingsScreen';
import { ChoosingScreen } from './choosing/ChoosingScreen';
import { AddGauges } from './drawer/AddGauges';
import { DoubtsScreen } from './doubt/DoubtsScreen';
import { SlipsScreen } from './doubt/SlipsScreen';
import { DrawerScreen } from './drawer/DrawerScreen';
import { GaugeScreen } from './drawer/GaugeScreen';
import { StudyScreen } from './drawer/StudyScreen';
import { TrialScreen } from './drawer/TrialScreen';
import { JobsScreen } from './job/JobsScreen';
import { PlanScreen } from './job/PlanScreen';
import { Lost } from './Lost';
import { PairingScreen } from './pairing/PairingScreen';
import { BeginSet } from './practice/BeginSet';
import { DrillScreen } from './practice/DrillScreen';
import { LessonScreen } from './practice/LessonScreen';
import { PracticeScreen } from './practice/PracticeScreen';
import { CheckScreen } from './records/CheckScreen';
import { ReportScreen } from './records/ReportScreen';
import { OverTimeScreen } from './series/OverTimeScreen';
import { ChooseScale } from './reader/ChooseScale';
import { ReaderScreen } from './reader/ReaderScreen';
import { SetScreen } from './setting/SetScreen';
import { SettingsScreen } from './settings/SettingsScreen';
import { TechniqueScreen } from './technique/TechniqueScreen';

const Card = lazy(() => import('./card/Card'));

/** The pages beside the walk. */
export default function Beside() {
  return (
    <Routes>
      <Route path="/parts/:part/features/:feature/over-time" element={<OverTimeScreen />} />
      <Route path="/jobs/:job/report" element={<ReportScreen />} />
      <Route path="/records/check" element={<CheckScreen />} />
      <Route path="/jobs/:job/pairing" element={<PairingScreen />} />
      <Route path="/read" element={<ChooseScale />} />
      <Route path="/read/:scale" element={<ReaderScreen />} />
      <Route path="/jobs" element={<JobsScreen />} />
      <Route path="/jobs/bring-in" element={<BringJobScreen />} />
      <Route path="/jobs/:job/bring-in" element={<BringReadingsScreen />} />
      <Route path="/jobs/:job" element={<PlanScreen />} />
      <Route path="/card/*" element={<Card />} />
      <Route path="/plans/:plan/gauges" element={<ChoosingScreen />} />
      <Route path="/doubts" element={<DoubtsScreen />} />
      <Route path="/slips" element={<SlipsScreen />} />
      <Route path="/drawer" element={<DrawerScreen />} />
      <Route path="/drawer/add" element={<AddGauges />} />
      <Route path="/drawer/study" element={<StudyScreen />} />
      <Route path="/drawer/:gauge" element={<GaugeScreen />} />
      <Route path="/drawer/:gauge/set" element={<SetScreen />} />
      <Route path="/drawer/:gauge/trial" element={<TrialScreen />} />
      <Route path="/technique" element={<TechniqueScreen />} />
      <Route path="/technique/:kind" element={<TechniqueScreen />} />
      <Route path="/practice" element={<PracticeScreen />} />
      <Route path="/practice/lesson" element={<LessonScreen />} />
      <Route path="/practice/new" element={<BeginSet />} />
      <Route path="/practice/sets/:set" element={<DrillScreen />} />
      <Route path="/settings" element={<SettingsScreen />} />
      <Route path="*" element={<Lost />} />
    </Routes>
  );
}
