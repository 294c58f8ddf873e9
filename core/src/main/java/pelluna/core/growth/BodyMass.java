package pelluna.core.growth;

/** Length to mass, W = a·L^b, with W in grams and L in cm: the usual form of fishery length–weight relations. */
public record BodyMass(double a, double b) {
    public double gramsAt(double lengthCm) {
        return a * Math.pow(lengthCm, b);
    }
}
