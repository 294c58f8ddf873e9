package pelluna.core.units;

/** The unit of two figures that are compared, by its word in the open formats. */
public enum Unit implements Named {
    CM("cm"),
    INCHES("in"),
    LITRES("L"),
    CELSIUS("°C"),
    GRAMS_PER_KG("g/kg"),
    GRAMS_PER_LITRE("g/L"),
    NITRATE("mg/L"),
    PHOSPHATE("mg/L phosphate"),
    PERCENT("%"),
    MONTHS("months"),
    BODY_LENGTHS("body lengths"),
    FISH("fish"),
    QUICK_FEEDERS("quick feeders"),
    HIDES("hides"),
    MEALS_A_DAY("meals a day"),
    OF_4("of 4"),
    OF_5("of 5"),
    TENSION("tension"),
    COVER("cover"),
    PODS("pods"),
    SEAWEED("seaweed"),
    KEPT("kept"),
    HAZARD("hazard"),
    SCHOOL("school"),
    COMPANY("company"),
    NUMBER("number"),
    NOT_SAID("not said");

    private final String word;

    Unit(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
