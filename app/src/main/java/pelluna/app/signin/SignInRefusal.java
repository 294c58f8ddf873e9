package pelluna.app.signin;

import pelluna.app.limits.Refusal;

/** Why an account cannot be entered, made or changed so. */
public sealed interface SignInRefusal extends Refusal {
    record SignedOut() implements SignInRefusal {}

    record NotAllowed() implements SignInRefusal {}

    record NotYourPassword() implements SignInRefusal {}

    record TooShort(int letters) implements SignInRefusal {}

    record TooLong(int letters) implements SignInRefusal {}

    record EasilyGuessed() implements SignInRefusal {}

    record NoAddress() implements SignInRefusal {}

    record NoName() implements SignInRefusal {}

    record LinkGone() implements SignInRefusal {}

    record WrongCode() implements SignInRefusal {}

    record TooManyGuesses(int minutes) implements SignInRefusal {}

    record HasAnAccount() implements SignInRefusal {}

    record OthersAreHere() implements SignInRefusal {}

    record NoSuchZone() implements SignInRefusal {}

    record ByInvitation() implements SignInRefusal {}

    record NoToken() implements SignInRefusal {}
}
