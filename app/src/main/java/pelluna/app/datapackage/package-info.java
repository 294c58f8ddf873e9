/** Everything of an account as a Frictionless Data Package, out and in; and the end of an account. */
@ApplicationModule(
        allowedDependencies = {"account", "limits", "overrides", "picture", "planfile", "planning", "rows", "shell"})
package pelluna.app.datapackage;

import org.springframework.modulith.ApplicationModule;
