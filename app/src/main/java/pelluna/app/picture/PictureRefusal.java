package pelluna.app.picture;

import pelluna.app.limits.Refusal;

/** A picture that is none, or not the one that was wanted. */
public sealed interface PictureRefusal extends Refusal {
    record NoPicture() implements PictureRefusal {}

    /** A photo does not say when it was taken, or says a day that cannot be. */
    record NoDay() implements PictureRefusal {}
}
