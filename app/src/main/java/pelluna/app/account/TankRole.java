package pelluna.app.account;

/** As what somebody may enter a tank. */
public enum TankRole {
    /** Whose tank it is. */
    OWNER,
    /** Looks after it by invitation: the plan and the log, not who else may enter. */
    ADVISER,
    /** Keeps the log and feeds. */
    HELPER,
    /** Looks, and changes nothing. */
    VIEWER
}
