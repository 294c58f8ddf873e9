/** Places of quarantine, stays and daily looks. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "overrides",
            "planning",
            "rows",
            "shell"
        })
package pelluna.app.quarantine;

import org.springframework.modulith.ApplicationModule;
