const Nothing = () => null;

/** The router makes a native stack as it loads, whether an app has one or not. */
exports.createNativeStackNavigator = () => ({ Navigator: Nothing, Screen: Nothing, Group: Nothing });
