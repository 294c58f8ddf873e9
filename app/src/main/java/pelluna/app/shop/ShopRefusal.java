package pelluna.app.shop;

import pelluna.app.limits.Refusal;

/** What is refused of a list. */
sealed interface ShopRefusal extends Refusal {
    record Unread() implements ShopRefusal {}
}
