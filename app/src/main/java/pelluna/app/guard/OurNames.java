package pelluna.app.guard;

import java.util.List;

/** More names by which this server is reached, besides the loopback's and those that are listed. */
public interface OurNames {
    /** In small letters, without a port. */
    List<String> names();
}
