package pelluna.app.picture;

import pelluna.app.limits.Refusal;

/** A picture that is none. */
public sealed interface PictureRefusal extends Refusal {
    record NoPicture() implements PictureRefusal {}
}
