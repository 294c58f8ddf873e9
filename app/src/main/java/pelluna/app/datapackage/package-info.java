/** Everything of an account as a Frictionless Data Package, out and in; and the end of an account. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "livestock",
            "limits",
            "overrides",
            "planfile",
            "planning",
            "rows",
            "shell",
            "signin",
            "tank"
        })
package pelluna.app.datapackage;

import org.springframework.modulith.ApplicationModule;
