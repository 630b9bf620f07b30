// A circuit either reads and has its solution, or one line says why not.

#include <cstdlib>
#include <string_view>

#include "core/circuit/circuit_json.h"
#include "core/format/document.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    using namespace dimglow;
    try {
        const auto circuit = circuit::parseCircuit(format::parseDocument({reinterpret_cast<const char*>(data), size}));
        if (circuit.network.nodeCount() < 200) {
            circuit::solutionJson(circuit, circuit::OperatingPointSolver(circuit.network).solve());
        }
    } catch (const format::FormatError& error) {
        if (std::string_view(error.what()).find('\n') != std::string_view::npos) {
            std::abort();
        }
    }
    return 0;
}
