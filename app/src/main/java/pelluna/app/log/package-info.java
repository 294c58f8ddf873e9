/** What was seen: lines, watches, sums. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "database",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "planning",
            "rows",
            "scenery",
            "shell"
        })
package pelluna.app.log;

import org.springframework.modulith.ApplicationModule;
