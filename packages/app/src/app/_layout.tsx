import { Text } from 'react-native-paper';
import { SchemeProvider } from '../theme/scheme';
export default function Layout() { return <SchemeProvider><Text>hello</Text></SchemeProvider>; }
