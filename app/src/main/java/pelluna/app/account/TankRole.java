package pelluna.app.account;

import pelluna.core.units.Statement;

/** As what somebody may enter a tank. */
public enum TankRole implements Statement {
    /** Whose tank it is. */
    OWNER,
    /** Looks after it by invitation: the plan and the log, not who else may enter. */
    ADVISER,
    /** Keeps the log and feeds. */
    HELPER,
    /** Looks, and changes nothing. */
    VIEWER
}
