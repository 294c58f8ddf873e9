package pelluna.app.account;

/** Something of a keeper was asked for, and nobody has signed in. No page leads here: its address asks first. */
public class NobodySignedInException extends IllegalStateException {}
