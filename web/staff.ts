import './staff.css';
import Themed from './controls/Themed.svelte';
import { mountPage } from './lib/page';
import HostSheet from './pages/HostSheet.svelte';
import Settings from './pages/Settings.svelte';
import Sheets from './pages/Sheets.svelte';
import SignIn from './pages/SignIn.svelte';
import Worksheet from './pages/Worksheet.svelte';

void mountPage({ HostSheet, Settings, Sheets, SignIn, Worksheet }, {}, Themed);
