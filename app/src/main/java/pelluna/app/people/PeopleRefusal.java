package pelluna.app.people;

import pelluna.app.limits.Refusal;

/** Why somebody cannot be let in, or a note not be kept. */
public sealed interface PeopleRefusal extends Refusal {
    /** Used, withdrawn or too old. */
    record InvitationGone() implements PeopleRefusal {}

    record YourOwnTank() implements PeopleRefusal {}

    record NoSuchRole() implements PeopleRefusal {}

    record TooMany(int most) implements PeopleRefusal {}

    record EmptyNote() implements PeopleRefusal {}

    record NoteTooLong(int most) implements PeopleRefusal {}
}
