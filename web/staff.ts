import './app.css';
import { mountPage } from './lib/page';
import HostSheet from './pages/HostSheet.svelte';
import Sheets from './pages/Sheets.svelte';
import SignIn from './pages/SignIn.svelte';
import Worksheet from './pages/Worksheet.svelte';

mountPage({ HostSheet, Sheets, SignIn, Worksheet });
