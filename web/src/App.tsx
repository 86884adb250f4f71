import { Route, Routes } from 'react-router';
import { BenchScreen } from './bench/BenchScreen';
import { JobsScreen } from './job/JobsScreen';
import { PlanScreen } from './job/PlanScreen';
import { LookScreen } from './look/LookScreen';
import { Lost } from './Lost';
import { MeasureScreen } from './measure/MeasureScreen';
import { ChooseScale } from './reader/ChooseScale';
import { ReaderScreen } from './reader/ReaderScreen';
import { SettingsScreen } from './settings/SettingsScreen';

/** Every view is a link, and a link opens what it shows. */
export function App() {
  return (
    <Routes>
      <Route path="/" element={<BenchScreen />} />
      <Route path="/parts/:part/features/:feature" element={<MeasureScreen />} />
      <Route path="/read" element={<ChooseScale />} />
      <Route path="/read/:scale" element={<ReaderScreen />} />
      <Route path="/jobs" element={<JobsScreen />} />
      <Route path="/jobs/:job" element={<PlanScreen />} />
      <Route path="/parts/:part/look" element={<LookScreen />} />
      <Route path="/settings" element={<SettingsScreen />} />
      <Route path="*" element={<Lost />} />
    </Routes>
  );
}
