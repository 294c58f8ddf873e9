package pelluna.app.introduction;

import pelluna.app.limits.Refusal;
import pelluna.core.introduction.Intervention;

/** A way in, or what is done about pressure, that cannot be so. */
public sealed interface IntroductionRefusal extends Refusal {
    record HowDoesItGoIn() implements IntroductionRefusal {}

    record NoBox() implements IntroductionRefusal {}

    record WhichLook() implements IntroductionRefusal {}

    record NoTimesOfDay() implements IntroductionRefusal {}

    record WhatWasDone() implements IntroductionRefusal {}

    record WhoGoes() implements IntroductionRefusal {}

    record GoesOn(Intervention measure) implements IntroductionRefusal {}
}
