/** Tells the database who asks, and knows when it is gone. */
@ApplicationModule(allowedDependencies = {"account", "limits", "writes"})
package pelluna.app.database;

import org.springframework.modulith.ApplicationModule;
