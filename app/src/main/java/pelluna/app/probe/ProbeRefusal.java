package pelluna.app.probe;

import pelluna.app.limits.Refusal;

/** An address that Pelluna does not ask. */
public sealed interface ProbeRefusal extends Refusal {
    record OutOfTurn() implements ProbeRefusal {}

    record NoAddress(String typed) implements ProbeRefusal {}

    record NoMachine() implements ProbeRefusal {}

    record NoPort(int port) implements ProbeRefusal {}

    record Outside(String host) implements ProbeRefusal {}

    record NotListed(String host) implements ProbeRefusal {}

    record Unknown(String host) implements ProbeRefusal {}
}
