package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** Body forms, with how deep the body is as a share of its length, and the wider shape that rivals go by. */
public enum Form implements Named {
    SURGEON("surgeon", 0.50, Shape.SURGEON),
    SAILFIN("sailfin", 0.58, Shape.SURGEON),
    UNICORN("unicorn", 0.40, Shape.SURGEON),
    RABBIT("rabbit", 0.44, Shape.RABBIT),
    ANGEL("angel", 0.58, Shape.ANGEL),
    DWARF_ANGEL("dwarf-angel", 0.54, Shape.ANGEL),
    SWALLOWTAIL("swallowtail", 0.42, Shape.ANGEL),
    BUTTERFLY("butterfly", 0.62, Shape.BUTTERFLY),
    LONGNOSE("longnose", 0.52, Shape.BUTTERFLY),
    BANNER("banner", 0.66, Shape.BUTTERFLY),
    DAMSEL("damsel", 0.48, Shape.DAMSEL),
    CHROMIS("chromis", 0.40, Shape.DAMSEL),
    CLOWN("clown", 0.42, Shape.CLOWN),
    ANTHIAS("anthias", 0.34, Shape.ANTHIAS),
    BASSLET("basslet", 0.33, Shape.BASSLET),
    DOTTYBACK("dottyback", 0.29, Shape.BASSLET),
    COMET("comet", 0.38, Shape.COMET),
    CARDINAL("cardinal", 0.38, Shape.CARDINAL),
    LONGFIN_CARDINAL("longfin-cardinal", 0.40, Shape.CARDINAL),
    WRASSE("wrasse", 0.26, Shape.WRASSE),
    FAIRY("fairy", 0.30, Shape.WRASSE),
    HOGFISH("hogfish", 0.34, Shape.WRASSE),
    BIRD("bird", 0.26, Shape.WRASSE),
    GOBY("goby", 0.18, Shape.GOBY),
    CLOWN_GOBY("clown-goby", 0.36, Shape.CLOWN_GOBY),
    BLENNY("blenny", 0.22, Shape.BLENNY),
    HARPTAIL("harptail", 0.17, Shape.BLENNY),
    DARTFISH("dartfish", 0.18, Shape.DARTFISH),
    JAWFISH("jawfish", 0.20, Shape.JAWFISH),
    DRAGONET("dragonet", 0.24, Shape.DRAGONET),
    HAWKFISH("hawkfish", 0.36, Shape.HAWKFISH),
    LONGNOSE_HAWK("longnose-hawk", 0.22, Shape.HAWKFISH),
    GROUPER("grouper", 0.36, Shape.GROUPER),
    LION("lion", 0.40, Shape.LION),
    TRIGGER("trigger", 0.50, Shape.TRIGGER),
    FILEFISH("filefish", 0.44, Shape.FILEFISH),
    PUFFER("puffer", 0.46, Shape.PUFFER),
    BOX("box", 0.44, Shape.PUFFER),
    MORAY("moray", 0.07, Shape.MORAY),
    FROG("frog", 0.62, Shape.FROG),
    SEAHORSE("seahorse", 0.30, Shape.SEAHORSE),
    PIPEFISH("pipefish", 0.05, Shape.PIPEFISH),
    SQUIRREL("squirrel", 0.38, Shape.SQUIRREL),
    SNAPPER("snapper", 0.38, Shape.SNAPPER),
    BATFISH("batfish", 0.72, Shape.BATFISH),
    DRUM("drum", 0.32, Shape.DRUM),
    GOATFISH("goatfish", 0.27, Shape.SNAPPER),
    SCORPION("scorpion", 0.42, Shape.LION),
    EELTAIL("eeltail", 0.13, Shape.EELTAIL),
    SHARK("shark", 0.13, Shape.SHARK),
    RAY("ray", 0.62, Shape.RAY);

    /** The coarse outline: two forms of one shape are taken for each other from afar. */
    enum Shape {
        SURGEON,
        RABBIT,
        ANGEL,
        BUTTERFLY,
        DAMSEL,
        CLOWN,
        ANTHIAS,
        BASSLET,
        COMET,
        CARDINAL,
        WRASSE,
        GOBY,
        CLOWN_GOBY,
        BLENNY,
        DARTFISH,
        JAWFISH,
        DRAGONET,
        HAWKFISH,
        GROUPER,
        LION,
        TRIGGER,
        FILEFISH,
        PUFFER,
        MORAY,
        FROG,
        SEAHORSE,
        PIPEFISH,
        SQUIRREL,
        SNAPPER,
        BATFISH,
        DRUM,
        EELTAIL,
        SHARK,
        RAY
    }

    private final String word;
    private final double depthShare;
    private final Shape shape;

    Form(String word, double depthShare, Shape shape) {
        this.word = word;
        this.depthShare = depthShare;
        this.shape = shape;
    }

    @Override
    public String word() {
        return word;
    }

    /** Body depth ÷ length, fins left out, 0 to 1. */
    public double depthShare() {
        return depthShare;
    }

    /** Likeness of two forms, 0 to 1: one form 1, one shape 0.5, otherwise 0. Symmetric. Pelluna's judgement. */
    public double likeness(Form other) {
        return this == other ? 1 : shape == other.shape ? 0.5 : 0;
    }
}
