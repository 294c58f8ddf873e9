package pelluna.core.grounds;

import java.util.Set;
import pelluna.core.catalogue.Zone;

/**
 * A place in the tank where a fish may settle.
 *
 * @param xCm  from the left glass, cm
 * @param yCm  above the floor, cm
 * @param hide whether it is a hide
 */
record Spot(double xCm, double yCm, Set<Zone> zones, boolean hide) {}
