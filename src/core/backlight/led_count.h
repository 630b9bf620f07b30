#pragma once

namespace dimglow::backlight {

/// How many LEDs may stand in series.
struct LedCount {
    int least = 0;
    int likeliest = 0;
    int most = 0;
};

/// LEDs of \p dies dies each that run in series at \p volts, give or take \p sigmaVolts. Sets run their LEDs below the
/// rated current, and a batch is a few per cent off its class (common practice, no source), so the count is a range
/// that holds it in nine cases of ten.
LedCount ledsInSeries(double volts, double sigmaVolts, int dies);

}  // namespace dimglow::backlight
