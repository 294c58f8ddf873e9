package pelluna.app.limits;

/** What is refused before anybody looks at what it means. */
public sealed interface LimitRefusal extends Refusal {
    record NoDay() implements LimitRefusal {}

    record DayOutside(int first, int last) implements LimitRefusal {}

    /** A time of tapping that cannot be. */
    record NoMoment() implements LimitRefusal {}

    record NoNumber() implements LimitRefusal {}

    record TooManyFields() implements LimitRefusal {}

    record UnknownField() implements LimitRefusal {}

    record TooLong(int letters, int most) implements LimitRefusal {}

    record NoText() implements LimitRefusal {}

    record NotUtf8() implements LimitRefusal {}

    record TooMuch() implements LimitRefusal {}

    record TooMuchWithAFile() implements LimitRefusal {}

    record UnreadForm() implements LimitRefusal {}

    record UnreadText() implements LimitRefusal {}
}
