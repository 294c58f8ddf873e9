package pelluna.app.testing;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the simulated outbox holds. */
public final class Letters {
    private static final Pattern LINK = Pattern.compile("http://[^/\\s]+(/\\S+)");

    private Letters() {}

    /** How many were written to an address. */
    public static int to(String address) {
        return TestCluster.jdbc()
                .sql("select count(*) from mail where address = ?")
                .param(address)
                .query(Integer.class)
                .single();
    }

    /** The path of the link in the last letter to an address. */
    public static String link(String address) {
        String body = TestCluster.jdbc()
                .sql("select body from mail where address = ? order by id desc limit 1")
                .param(address)
                .query(String.class)
                .single();
        Matcher link = LINK.matcher(body);
        if (!link.find()) {
            throw new IllegalStateException("no link in: " + body);
        }
        return link.group(1);
    }
}
