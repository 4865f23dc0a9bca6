import './staff.css';
import Themed from './controls/Themed.svelte';
import { mountPage } from './lib/page';
import Account from './pages/Account.svelte';
import Afterwards from './pages/Afterwards.svelte';
import Allotment from './pages/Allotment.svelte';
import Alone from './pages/Alone.svelte';
import CalendarServer from './pages/CalendarServer.svelte';
import Come from './pages/Come.svelte';
import Day from './pages/Day.svelte';
import Desk from './pages/Desk.svelte';
import Directory from './pages/Directory.svelte';
import Forgotten from './pages/Forgotten.svelte';
import HostSheet from './pages/HostSheet.svelte';
import Knocks from './pages/Knocks.svelte';
import Join from './pages/Join.svelte';
import Lists from './pages/Lists.svelte';
import Log from './pages/Log.svelte';
import MailLeft from './pages/MailLeft.svelte';
import MoveIn from './pages/MoveIn.svelte';
import NotIn from './pages/NotIn.svelte';
import OurSchool from './pages/OurSchool.svelte';
import People from './pages/People.svelte';
import RoundChanges from './pages/RoundChanges.svelte';
import Rounds from './pages/Rounds.svelte';
import RoundSetup from './pages/RoundSetup.svelte';
import SecondFactor from './pages/SecondFactor.svelte';
import Settings from './pages/Settings.svelte';
import Sheets from './pages/Sheets.svelte';
import SignIn from './pages/SignIn.svelte';
import Versions from './pages/Versions.svelte';
import VideoRoom from './pages/VideoRoom.svelte';
import Visitors from './pages/Visitors.svelte';
import Wordings from './pages/Wordings.svelte';
import Worksheet from './pages/Worksheet.svelte';

void mountPage(
    {
        Account,
        Afterwards,
        Allotment,
        Alone,
        CalendarServer,
        Come,
        Day,
        Desk,
        Directory,
        Forgotten,
        HostSheet,
        Join,
        Knocks,
        Lists,
        Log,
        MailLeft,
        MoveIn,
        NotIn,
        OurSchool,
        People,
        RoundChanges,
        Rounds,
        RoundSetup,
        SecondFactor,
        Settings,
        Sheets,
        SignIn,
        Versions,
        VideoRoom,
        Visitors,
        Wordings,
        Worksheet,
    },
    {},
    Themed,
);
