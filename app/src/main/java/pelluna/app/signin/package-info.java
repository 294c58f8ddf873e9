/** How a keeper comes in and goes out: accounts, passwords, passkeys, sessions. */
@ApplicationModule(allowedDependencies = {"account", "limits", "mail", "rows", "shell", "writes"})
package pelluna.app.signin;

import org.springframework.modulith.ApplicationModule;
