package pelluna.core.tank;

import pelluna.core.units.Named;

/** Inside shapes of a display tank; volume in litres from inside dimensions in cm. */
public enum TankShape implements Named {
    /** Length × width × water height. */
    BOX("box"),
    /** All three alike; width and height are taken from the length when they are not given. */
    CUBE("cube"),
    /** An upright cylinder, length is the inside diameter. */
    CYLINDER("cylinder"),
    /** A flat back and a front that is half an ellipse: length along the back, width from back to the bow. */
    HALF_CYLINDER("half-cylinder");

    private final String word;

    TankShape(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    /** The floor of the tank in cm². Half-cylinder: half an ellipse with semi-axes length ÷ 2 and width. */
    public double floorCm2(double lengthCm, double widthCm) {
        return switch (this) {
            case BOX, CUBE -> lengthCm * widthCm;
            case CYLINDER -> Math.PI * lengthCm * lengthCm / 4;
            case HALF_CYLINDER -> Math.PI * (lengthCm / 2) * widthCm / 2;
        };
    }
}
