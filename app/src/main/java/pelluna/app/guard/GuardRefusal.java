package pelluna.app.guard;

import pelluna.app.limits.Refusal;

/** Who asks, or how, is not let in. */
public sealed interface GuardRefusal extends Refusal {
    record NotByThisName() implements GuardRefusal {}

    record NotAskedSo() implements GuardRefusal {}

    record NotFromHere() implements GuardRefusal {}
}
