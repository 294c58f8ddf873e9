package pelluna.app.signin;

import org.springframework.security.authentication.LockedException;

/** Too many wrong passwords: the next one is not even looked at for a while. */
class TooManyGuessesException extends LockedException {
    private static final long serialVersionUID = 1;

    TooManyGuessesException() {
        super("");
    }
}
