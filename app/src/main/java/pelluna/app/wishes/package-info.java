/** Wishes and the Sieve. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "drawing",
            "limits",
            "livestock",
            "names",
            "planfile",
            "planning",
            "sharing",
            "shell"
        })
package pelluna.app.wishes;

import org.springframework.modulith.ApplicationModule;
