package pelluna.core.tank;

import pelluna.core.units.Convert;

/**
 * The volume of a tank, broken down. All in litres. Net = gross − rock − sand + sump, or what was measured.
 *
 * @param measured whether net is the keeper's own measurement
 */
public record TankVolume(double grossLitres, double rockLitres, double sandLitres, double sumpLitres, double netLitres,
                         boolean measured) {
    /** Bulk density of reef rock, kg/L, so that mass ÷ density is the water it displaces. Pelluna's judgement. */
    public static final double ROCK_KG_PER_LITRE = 2.0;
    /** Share of a sand bed that is water between the grains. Common practice. */
    public static final double SAND_PORE_SHARE = 0.4;

    static TankVolume of(Tank tank) {
        double floor = tank.shape().floorCm2(tank.lengthCm(), tank.widthCm());
        double gross = floor * tank.waterHeightCm() / Convert.CM3_PER_LITRE;
        double rock = tank.rockKg() / ROCK_KG_PER_LITRE;
        double sand = floor * tank.sandDepthCm() * (1 - SAND_PORE_SHARE) / Convert.CM3_PER_LITRE;
        double computed = gross - rock - sand + tank.sumpLitres();
        boolean measured = tank.netLitresMeasured().isPresent();
        double net = tank.netLitresMeasured().orElse(computed);
        return new TankVolume(measured && gross == 0 ? net : gross, rock, sand, tank.sumpLitres(), net, measured);
    }
}
