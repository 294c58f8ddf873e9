package pelluna.app.account;

/** This keeper has no such tank, fish or wish: 404, whoever else may have it. */
public final class NoSuchTankException extends RuntimeException {}
