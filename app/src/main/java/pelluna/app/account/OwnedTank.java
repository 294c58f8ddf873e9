package pelluna.app.account;

import java.util.Collection;
import java.util.List;

/**
 * A tank that whoever asks may enter, and as what. Only {@link Ownership} makes one, and every query of a tank takes
 * one: what has not been checked cannot be asked for. Immutable; two are equal if they are the same tank.
 */
public final class OwnedTank {
    private final long id;
    private final long owner;
    private final TankRole role;
    private final boolean archived;

    OwnedTank(long id, long owner, TankRole role, boolean archived) {
        this.id = id;
        this.owner = owner;
        this.role = role;
        this.archived = archived;
    }

    /** The numbers of some. */
    public static List<Long> ids(Collection<OwnedTank> tanks) {
        return tanks.stream().map(OwnedTank::id).toList();
    }

    /** The number of its row. */
    public long id() {
        return id;
    }

    /** The number of the keeper whose tank it is. */
    public long owner() {
        return owner;
    }

    public TankRole role() {
        return role;
    }

    /** Whether it is put away: read, and not changed. */
    public boolean archived() {
        return archived;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof OwnedTank tank && tank.id == id;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(id);
    }

    /** Its number, as addresses have it. */
    @Override
    public String toString() {
        return Long.toString(id);
    }
}
