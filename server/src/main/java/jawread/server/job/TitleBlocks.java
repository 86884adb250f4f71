package jawread.server.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.TypedLength;
import jawread.core.limit.GeneralTolerance;
import jawread.core.limit.TitleBlock;
import jawread.server.settings.Setting;

/** Makes a title block of the choices in force. */
public final class TitleBlocks {
    private static final List<Setting> BY_DECIMALS =
            List.of(Setting.DECIMALS_1, Setting.DECIMALS_2, Setting.DECIMALS_3, Setting.DECIMALS_4);

    private TitleBlocks() {}

    public static TitleBlock of(LengthUnit unit, Function<Setting, String> choices) {
        Map<Integer, Length> byDecimals = new HashMap<>();
        for (Setting setting : BY_DECIMALS) {
            String typed = choices.apply(setting);
            if (!typed.isEmpty()) {
                byDecimals.put(
                        BY_DECIMALS.indexOf(setting) + 1,
                        TypedLength.parse(typed, LengthUnit.INCH, TypedLength.Kind.SIZE)
                                .orThrow()
                                .length());
            }
        }
        var general = GeneralTolerance.of(choices.apply(Setting.GENERAL_TOLERANCE));
        return new TitleBlock(unit, general.fold(Optional::of, none -> Optional.empty()), byDecimals);
    }
}
