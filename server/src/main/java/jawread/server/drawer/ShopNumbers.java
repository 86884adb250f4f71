package jawread.server.drawer;

import java.util.Optional;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** The numbers that stand on gauges and masters: each on one thing alone. */
@Component
class ShopNumbers {
    private static final int LONGEST_NUMBER = 20;
    private final GaugeRepository gauges;
    private final MasterRepository masters;
    private final TypedFields fields;
    private final Words words;

    ShopNumbers(GaugeRepository gauges, MasterRepository masters, TypedFields fields, Words words) {
        this.gauges = gauges;
        this.masters = masters;
        this.fields = fields;
        this.words = words;
    }

    /**
     * A number as it stands on one gauge or one master alone.
     *
     * @param before the one it has now; empty for a new one
     */
    String typed(String text, Optional<String> before) {
        String number = text.strip();
        if (number.isEmpty() || number.length() > LONGEST_NUMBER) {
            throw Refused.field("shopNumber", "bad-shop-number", words);
        }
        boolean own = before.filter(number::equalsIgnoreCase).isPresent();
        boolean taken = gauges.findByShopNumberIgnoreCase(number).isPresent()
                || masters.findByShopNumberIgnoreCase(number).isPresent();
        if (taken && !own) {
            throw fields.refused(
                    "shopNumber", Refusal.of("number-taken").with("number", number), LengthUnit.MILLIMETRE);
        }
        return number;
    }
}
