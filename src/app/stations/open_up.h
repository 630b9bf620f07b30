#pragma once

#include <QPushButton>

#include "app/layer_entry.h"
#include "app/opening_picture.h"
#include "app/photo_strip.h"
#include "app/stations/station.h"

namespace dimglow::app {

/// The set as it comes apart: its layers, what holds each of them, the way to the LEDs and what that needs. What comes
/// out is counted here; Prove counts it back in.
class OpenUpStation : public Station {
    Q_OBJECT
public:
    explicit OpenUpStation(JobSession& session);

    void enter() override;
    std::vector<KeyHint> keys() const override;
    static bool isDone(const Snapshot& shown);

protected:
    void showJob() override;

private:
    QWidget* makePictures();
    void makeHead();
    void choose(int layer);
    void step(int by);
    /// The layer before the hands comes off.
    void takeOff();
    /// What was written down last of the layer before the hands was a mistake; or the layer, once it holds nothing.
    void strike();
    void startWithLayout();
    void startWithEarlier();
    void nextWay();
    void nextPeople();
    void nextAdhesive();
    /// What is ordered before the first screw, empty where nothing has to come.
    QString toOrder() const;
    /// As it would be drawn with what is typed; as it is without.
    void preview(const std::optional<hands::LayerLine>& said);
    void showLayer(const hands::Layer* layer);
    void showWay();
    void showOut();
    const hands::Layer* current() const { return session_.job().opening.layer(current_); }

    QPushButton* way_ = nullptr;
    QPushButton* people_ = nullptr;
    QPushButton* adhesive_ = nullptr;
    QPushButton* layout_ = nullptr;
    QPushButton* earlier_ = nullptr;
    QPushButton* off_ = nullptr;
    StackPicture* stack_ = nullptr;
    QLabel* layerTitle_ = nullptr;
    LayerPicture* layer_ = nullptr;
    QLabel* out_ = nullptr;
    QLabel* needs_ = nullptr;
    LayerEntry* entry_ = nullptr;
    PhotoStrip* photos_ = nullptr;
    int current_ = 0;
    bool isAsked_ = false;  ///< whether parts were ordered, before the first screw
};

}  // namespace dimglow::app
