// Scrivlet's commands for C++17: a nib, a barrow, a lantern and a mower, and scripts that wait for something. This one
// header is all there is.
//
// When the program ends the nib's drawing is written to drawing.svg. A plot or a lawn is read from layout.txt, presses of
// buttons from signals.txt. For comparing runs, SCRIVLET_LAYOUT and SCRIVLET_SIGNALS name other files, SCRIVLET_TRACE=file
// writes what happened as JSON lines, SCRIVLET_SEED=number fixes what chance gives, and SCRIVLET_SECONDS ends the run.
#pragma once

#include <algorithm>
#include <cassert>
#include <cctype>
#include <chrono>
#include <cmath>
#include <condition_variable>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <functional>
#include <iomanip>
#include <iostream>
#include <map>
#include <memory>
#include <mutex>
#include <numeric>
#include <optional>
#include <random>
#include <set>
#include <sstream>
#include <stdexcept>
#include <string>
#include <thread>
#include <tuple>
#include <type_traits>
#include <utility>
#include <vector>

using std::abs;
using std::cin;
using std::cout;
using std::count;
using std::domain_error;
using std::endl;
using std::exception;
using std::function;
using std::getline;
using std::greater;
using std::invalid_argument;
using std::length_error;
using std::logic_error;
using std::make_shared;
using std::make_tuple;
using std::map;
using std::max;
using std::max_element;
using std::min;
using std::min_element;
using std::nullopt;
using std::optional;
using std::out_of_range;
using std::overflow_error;
using std::reverse;
using std::runtime_error;
using std::shared_ptr;
using std::sort;
using std::stod;
using std::stoi;
using std::stoll;
using std::string;
using std::swap;
using std::tie;
using std::to_string;
using std::vector;

namespace scrivlet {

struct Ink {
    const char* name;
    const char* hex;
    double hue;
};

inline constexpr Ink inks[] = {
    {"midnight", "#22304f", 221}, {"sky", "#3f8fd6", 208},      {"moss", "#4c7a34", 99},   {"leaf", "#2f9e5b", 144},
    {"butter", "#f2c94c", 45},    {"marigold", "#e8912a", 33},  {"poppy", "#d43d2c", 6},   {"rose", "#d9679b", 333},
    {"plum", "#84397f", 304},     {"soil", "#7a5233", 26},      {"slate", "#6b7280", 220}, {"chalk", "#ffffff", 0},
};

inline string numeral(double number) {
    const long long thousandths = static_cast<long long>(std::floor(number * 1000 + 0.5));
    const long long size = thousandths < 0 ? -thousandths : thousandths;
    string text = std::to_string(size / 1000);
    string fraction = std::to_string(size % 1000 + 1000).substr(1);
    while (!fraction.empty() && fraction.back() == '0') fraction.pop_back();
    if (!fraction.empty()) text += "." + fraction;
    return thousandths < 0 ? "-" + text : text;
}

// A number for the trace, with all its digits.
inline string exact(double number) {
    char text[40];
    std::snprintf(text, sizeof text, "%.17g", number);
    return text;
}

inline string quoted_text(const string& text) {
    string json = "\"";
    for (const char letter : text) {
        if (letter == '"' || letter == '\\') {
            json += '\\';
            json += letter;
        } else if (static_cast<unsigned char>(letter) < 0x20) {
            char code[8];
            std::snprintf(code, sizeof code, "\\u%04x", letter);
            json += code;
        } else {
            json += letter;
        }
    }
    return json + "\"";
}

void noteTime();

// Passes on what is printed, and notes each line for the trace.
class PrintedLines : public std::streambuf {
public:
    explicit PrintedLines(std::streambuf* target) : target_(target) {}
    std::vector<string>* trace = nullptr;

protected:
    int overflow(int letter) override {
        if (letter == '\n') {
            noteTime();
            trace->push_back("{\"do\":\"print\",\"text\":" + quoted_text(line_) + "}");
            line_.clear();
        } else if (letter != EOF) {
            line_ += static_cast<char>(letter);
        }
        return target_->sputc(static_cast<char>(letter));
    }
    int sync() override { return target_->pubsync(); }

private:
    std::streambuf* target_;
    string line_;
};

struct Sheet {
    std::vector<string> marks;
    std::vector<string> trace;
    const char* traceFile = std::getenv("SCRIVLET_TRACE");
    std::streambuf* before = cout.rdbuf();
    PrintedLines printed{before};

    Sheet() {
        printed.trace = &trace;
        if (traceFile) cout.rdbuf(&printed);
        terminate = std::set_terminate(stopped);
    }

    ~Sheet() { finish(); }

    // A mistake that nobody caught: what was done until then is kept.
    static void stopped();
    std::terminate_handler terminate = nullptr;

    void finish() {
        cout.flush();
        cout.rdbuf(before);
        std::ofstream drawing("drawing.svg", std::ios::binary);
        drawing << "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"-240 -180 480 360\" width=\"480\" height=\"360\">\n"
                << "<rect x=\"-240\" y=\"-180\" width=\"480\" height=\"360\" fill=\"#ffffff\"/>\n<g stroke-linecap=\"round\">\n";
        int drawn = 0;
        for (const string& mark : marks) {
            if (!mark.empty() && drawn++ < 20000) drawing << mark << "\n";
        }
        drawing << "</g>\n</svg>\n";
        if (traceFile) {
            std::ofstream file(traceFile, std::ios::binary);
            for (const string& line : trace) file << line << "\n";
        }
    }

    // The run's own time in milliseconds, and the time of what happened last.
    long long now = 0, told = 0;

    void note();

    void happened(const string& what, const string& fields = "") {
        if (traceFile) note();
        if (traceFile) trace.push_back("{\"do\":\"" + what + "\"" + (fields.empty() ? "" : "," + fields) + "}");
    }
};

inline Sheet sheet;

inline void Sheet::stopped() {
    sheet.finish();
    sheet.terminate();
}

inline void Sheet::note() {
    if (told == now) return;
    told = now;
    trace.push_back("{\"do\":\"time\",\"at\":" + std::to_string(now) + "}");
}

inline void noteTime() { sheet.note(); }

inline double finite(double number) {
    if (!std::isfinite(number)) throw std::domain_error("this command needs an ordinary number");
    return number;
}

inline double within(double number, double least, double most) {
    if (!(number >= least && number <= most)) {
        throw std::out_of_range("this command takes numbers from " + numeral(least) + " to " + numeral(most));
    }
    return number;
}

inline double onGrid(double number) { return std::floor(number * 1e9 + 0.5) / 1e9; }

inline double onCircle(double degrees) {
    degrees = std::fmod(degrees, 360.0);
    if (degrees < 0) degrees += 360.0;
    degrees = onGrid(degrees);
    return degrees >= 360.0 ? 0.0 : degrees;
}

inline std::pair<string, double> colour(const string& wanted) {
    const string spaces = " \t\n\r";
    const auto first = wanted.find_first_not_of(spaces);
    string name = first == string::npos ? "" : wanted.substr(first, wanted.find_last_not_of(spaces) - first + 1);
    for (char& letter : name) letter = letter >= 'A' && letter <= 'Z' ? static_cast<char>(letter + 32) : letter;
    for (const Ink& ink : inks) {
        if (name == ink.name) return {ink.hex, ink.hue};
    }
    if (name.size() != 7 || name[0] != '#' || name.find_first_not_of("0123456789abcdef", 1) != string::npos) {
        throw std::invalid_argument(wanted + " is no ink");
    }
    const int red = std::stoi(name.substr(1, 2), nullptr, 16);
    const int green = std::stoi(name.substr(3, 2), nullptr, 16);
    const int blue = std::stoi(name.substr(5, 2), nullptr, 16);
    const int largest = std::max(red, std::max(green, blue));
    const int spread = largest - std::min(red, std::min(green, blue));
    if (spread == 0) return {name, 0};
    double hue = 240 + 60.0 * (red - green) / spread;
    if (largest == red) {
        hue = 60.0 * (green - blue) / spread;
    } else if (largest == green) {
        hue = 120 + 60.0 * (blue - red) / spread;
    }
    return {name, std::floor(hue < 0 ? hue + 360 : hue)};
}

class Nib {
public:
    void forward(double steps) {
        finite(steps);
        constexpr double pi = 3.14159265358979323846;
        const double angle = heading_ / 180 * pi;
        double cos = std::cos(angle), sin = std::sin(angle);
        if (heading_ == 0) cos = 1, sin = 0;
        if (heading_ == 90) cos = 0, sin = 1;
        if (heading_ == 180) cos = -1, sin = 0;
        if (heading_ == 270) cos = 0, sin = -1;
        goTo(x_ + steps * cos, y_ + steps * sin);
    }
    void back(double steps) { forward(-steps); }
    void left(double degrees) { turnTo(heading_ + finite(degrees)); }
    void right(double degrees) { turnTo(heading_ - finite(degrees)); }
    void move_to(double x, double y) { goTo(finite(x), finite(y)); }
    void face(double degrees) { turnTo(finite(degrees)); }
    void circle(double radius, double degrees) {
        constexpr double pi = 3.14159265358979323846;
        const int lines = 1 + int(std::min(11 + std::abs(finite(radius)) / 6.0, 59.0) * std::min(std::abs(finite(degrees)) / 360, 100.0));
        double turn = degrees / lines;
        double length = 2.0 * radius * std::sin(turn / 2 / 180 * pi);
        if (radius < 0) length = -length, turn = -turn;
        turnTo(heading_ + turn / 2);
        for (int line = 0; line < lines; line++) {
            forward(length);
            turnTo(heading_ + turn);
        }
        turnTo(heading_ - turn / 2);
    }
    void home() {
        goTo(0, 0);
        turnTo(0);
    }
    void reset() {
        filling_ = false;
        lift();
        home();
        lower();
        ink("midnight");
        width(2);
        appear();
        clear();
    }
    void lift() {
        down_ = false;
        sheet.happened("pen", "\"down\":false");
    }
    void lower() {
        down_ = true;
        sheet.happened("pen", "\"down\":true");
    }
    void ink(const string& wanted) {
        std::tie(ink_, hue_) = colour(wanted);
        sheet.happened("ink", "\"ink\":" + quoted_text(ink_));
    }
    void shift_ink(double amount) {
        hue_ = onCircle(hue_ + finite(amount));
        ink_ = "hsl(" + numeral(std::floor(hue_)) + ", 60%, 45%)";
        sheet.happened("ink", "\"ink\":" + quoted_text(ink_));
    }
    void width(double size) {
        width_ = within(size, 0, 200);
        sheet.happened("width", "\"width\":" + exact(width_));
    }
    void open_shape(const string& wanted) {
        shapeInk_ = colour(wanted).first;
        filling_ = true;
        shape_ = {{x_, y_}};
        shapeMark_ = sheet.marks.size();
        sheet.marks.emplace_back();
        sheet.happened("fill_begin");
    }
    void close_shape() {
        if (!filling_) return;
        string points, places;
        for (const auto& [x, y] : shape_) {
            points += (points.empty() ? "" : " ") + numeral(x) + "," + numeral(-y);
            places += (places.empty() ? "[" : ",[") + exact(x) + "," + exact(y) + "]";
        }
        sheet.marks[shapeMark_] = "<polygon points=\"" + points + "\" fill=\"" + shapeInk_ + "\"/>";
        sheet.happened("fill", "\"ink\":" + quoted_text(shapeInk_) + ",\"points\":[" + places + "]");
        filling_ = false;
    }
    void dot(double size) {
        within(size, 0, 1000);
        sheet.marks.push_back("<circle cx=\"" + numeral(x_) + "\" cy=\"" + numeral(-y_) + "\" r=\"" + numeral(size / 2) + "\" fill=\"" + ink_ + "\"/>");
        sheet.happened("dot", place() + ",\"size\":" + exact(size) + ",\"ink\":" + quoted_text(ink_));
    }
    template <typename T>
    void write(const T& value) {
        std::ostringstream text;
        text << value;
        string plain;
        for (const char letter : text.str()) {
            const auto code = static_cast<unsigned char>(letter);
            if (letter == '&') plain += "&amp;";
            else if (letter == '<') plain += "&lt;";
            else if (letter == '>') plain += "&gt;";
            else if (code >= 0x20 || letter == '\t' || letter == '\n' || letter == '\r') plain += letter;
        }
        sheet.marks.push_back("<text x=\"" + numeral(x_) + "\" y=\"" + numeral(-y_) + "\" font-family=\"sans-serif\" font-size=\"16\" fill=\"" + ink_ + "\">" + plain + "</text>");
        sheet.happened("write", place() + ",\"text\":" + quoted_text(text.str()) + ",\"ink\":" + quoted_text(ink_));
    }
    void pace(double level) { sheet.happened("speed", "\"level\":" + exact(within(level, 0, 10))); }
    void pace(const string& level) {
        if (level != "at once") throw std::invalid_argument("the pace is a number from 1 to 10, or \"at once\"");
        pace(0.0);
    }
    void pace(int level) { pace(static_cast<double>(level)); }
    void pace(const char* level) { pace(string(level)); }
    void appear() { sheet.happened("show", "\"visible\":true"); }
    void vanish() { sheet.happened("show", "\"visible\":false"); }
    void clear() {
        sheet.marks.clear();
        if (filling_) {
            shape_ = {{x_, y_}};
            shapeMark_ = 0;
            sheet.marks.emplace_back();
        }
        sheet.happened("clear");
    }
    double x() const { return x_; }
    double y() const { return y_; }
    double facing() const { return heading_; }

private:
    double x_ = 0, y_ = 0, heading_ = 0;
    bool down_ = true;
    string ink_ = inks[0].hex;
    double hue_ = inks[0].hue;
    double width_ = 2;
    bool filling_ = false;
    std::vector<std::pair<double, double>> shape_;
    string shapeInk_;
    std::size_t shapeMark_ = 0;

    string place() const { return "\"x\":" + exact(x_) + ",\"y\":" + exact(y_); }

    void goTo(double x, double y) {
        if (std::abs(x) > 1e6 || std::abs(y) > 1e6) throw std::out_of_range("the nib went too far off the sheet");
        x = onGrid(x);
        y = onGrid(y);
        if (down_) {
            sheet.marks.push_back("<line x1=\"" + numeral(x_) + "\" y1=\"" + numeral(-y_) + "\" x2=\"" + numeral(x) + "\" y2=\"" + numeral(-y) + "\" stroke=\"" + ink_ + "\" stroke-width=\"" + numeral(width_) + "\"/>");
            sheet.happened("stroke", "\"x1\":" + exact(x_) + ",\"y1\":" + exact(y_) + ",\"x2\":" + exact(x) + ",\"y2\":" + exact(y) + ",\"ink\":" + quoted_text(ink_) + ",\"width\":" + exact(width_));
        } else {
            sheet.happened("move", "\"x\":" + exact(x) + ",\"y\":" + exact(y));
        }
        x_ = x;
        y_ = y;
        if (filling_) shape_.emplace_back(x, y);
    }

    void turnTo(double degrees) {
        heading_ = onCircle(degrees);
        sheet.happened("turn", "\"heading\":" + exact(heading_));
    }
};

inline std::int64_t seededState = std::getenv("SCRIVLET_SEED") ? std::atoll(std::getenv("SCRIVLET_SEED")) % 2147483646 + 1 : 0;

// Time, and scripts that run in turns. A script keeps its turn until it waits or ends; of two that are due at the same
// time the one goes first that was put down first. While a trace is written time passes at once, otherwise really.

struct Signal {
    long long at;
    string kind, what;
};

struct Task {
    long long at = 0, order = 0;
    function<void()> handle;
    std::condition_variable turn;
    bool isItsTurn = false, isStarted = false;
};

struct Listener {
    function<void()> handler;
    int waiting = 0;
    bool runs = false;
};

// What a file beside the program says, or the one that a variable names; nothing if there is none.
inline string file(const char* variable, const char* name) {
    const char* path = std::getenv(variable);
    std::ifstream in(path ? path : name, std::ios::binary);
    std::ostringstream text;
    if (in) text << in.rdbuf();
    return text.str();
}

inline vector<string> linesOf(const string& text) {
    vector<string> lines;
    std::istringstream in(text);
    for (string line; getline(in, line);) {
        while (!line.empty() && std::isspace(static_cast<unsigned char>(line.back()))) line.pop_back();
        lines.push_back(line);
    }
    return lines;
}

class Scheduler {
public:
    Scheduler() {
        for (const string& line : linesOf(file("SCRIVLET_SIGNALS", "signals.txt"))) {
            std::istringstream words(line);
            string time, kind, what;
            words >> time >> kind >> what;
            if (time.empty() || time.substr(0, 2) == "//") continue;
            const long long at = std::llround(std::stod(time) * 1000);
            if (kind == "light") signals_.push_back({at, kind, what});
            for (const string& button : kind == "light" ? vector<string>{} : what == "both" ? vector<string>{"round", "square"} : vector<string>{what}) {
                if (kind != "release") signals_.push_back({at, "press", button});
                if (kind != "press") signals_.push_back({kind == "tap" ? at + 200 : at, "release", button});
            }
        }
        std::stable_sort(signals_.begin(), signals_.end(), [](const Signal& one, const Signal& other) { return one.at < other.at; });
    }

    // Lets other scripts go on.
    void pause(long long milliseconds) {
        Task* const me = running_;
        put(me, sheet.now + max(0LL, milliseconds));
        giveTurn(next(), me);
    }

    // Time that passes while the script keeps its turn.
    void elapse(long long milliseconds) {
        const long long end = sheet.now + milliseconds;
        while (!signals_.empty() && signals_.front().at <= end) deliver();
        pass(end);
    }

    void on(const string& what, const function<void()>& handler) {
        // Registered here and not before main, so that the scripts end before the program's variables do.
        if (listeners_.empty()) std::atexit(rest);
        listeners_[what].push_back(std::make_unique<Listener>());
        listeners_[what].back()->handler = handler;
    }

    void happen(const string& what) {
        for (const auto& listener : listeners_[what]) {
            listener->waiting++;
            if (listener->runs) continue;
            listener->runs = true;
            tasks_.push_back(std::make_unique<Task>());
            tasks_.back()->handle = [listener = listener.get()] {
                while (listener->waiting > 0) {
                    listener->waiting--;
                    listener->handler();
                }
                listener->runs = false;
            };
            put(tasks_.back().get(), sheet.now);
        }
    }

private:
    static void rest();

    void put(Task* task, long long at) {
        task->at = at;
        task->order = orders_++;
        waiting_.push_back(task);
    }

    void pass(long long to);
    void deliver();

    // The script whose turn it is, or nothing when all are done and nothing can start one.
    Task* next() {
        for (;;) {
            const auto first = min_element(waiting_.begin(), waiting_.end(), [](const Task* one, const Task* other) { return tie(one->at, one->order) < tie(other->at, other->order); });
            if (!signals_.empty() && (first != waiting_.end() ? signals_.front().at <= (*first)->at : !listeners_.empty())) {
                deliver();
                continue;
            }
            if (first == waiting_.end()) return nullptr;
            Task* const task = *first;
            waiting_.erase(first);
            pass(task->at);
            return task;
        }
    }

    void giveTurn(Task* task, Task* me) {
        if (task == me) return;
        std::unique_lock<std::mutex> lock(mutex_);
        running_ = task;
        if (task->isStarted || task == &main_) {
            task->isItsTurn = true;
            task->turn.notify_one();
        } else {
            task->isStarted = true;
            std::thread([this, task] {
                task->handle();
                Task* const after = next();
                giveTurn(after ? after : &main_, nullptr);
            }).detach();
        }
        if (me) {
            me->turn.wait(lock, [me] { return me->isItsTurn; });
            me->isItsTurn = false;
        }
    }

    const long long last_ = std::getenv("SCRIVLET_SECONDS") ? static_cast<long long>(std::atof(std::getenv("SCRIVLET_SECONDS")) * 1000) : -1;
    vector<Signal> signals_;
    map<string, vector<std::unique_ptr<Listener>>> listeners_;
    vector<std::unique_ptr<Task>> tasks_;
    vector<Task*> waiting_;
    Task main_;
    Task* running_ = &main_;
    long long orders_ = 0;
    std::mutex mutex_;
};

inline Scheduler& scheduler = *new Scheduler;
constexpr long long ASKING = 10;

inline void Scheduler::rest() {
    if (Task* const task = scheduler.next()) scheduler.giveTurn(task, &scheduler.main_);
}

template <typename T>
T answered(const string& what, const T& answer) {
    string json;
    if constexpr (std::is_same_v<T, bool>) {
        json = answer ? "true" : "false";
    } else if constexpr (std::is_same_v<T, string>) {
        json = quoted_text(answer);
    } else {
        json = std::to_string(answer);
    }
    sheet.happened("sense", "\"what\":" + quoted_text(what) + ",\"answer\":" + json);
    return answer;
}

// The barrow on its plot.
class Barrow {
public:
    void step() {
        const auto [x, y] = ahead(0);
        if (!isFree(x, y)) {
            sheet.happened("bump", "\"x\":" + std::to_string(x_ + 1) + ",\"y\":" + std::to_string(y_ + 1));
            const char what = sign(x, y);
            throw std::runtime_error(what == '#' ? "the barrow bumped into a hedge" : what == 'o' ? "the barrow bumped into a stone" : "the barrow would roll over the edge");
        }
        x_ = x;
        y_ = y;
        sheet.happened("roll", place());
    }
    void turn_left() { turn(1); }
    void turn_right() { turn(3); }
    void plant() {
        read();
        if (seedlings_[{x_, y_}]) throw std::runtime_error("a seedling stands here already");
        if (load_ == 0) throw std::runtime_error("the barrow is empty");
        load_--;
        seedlings_[{x_, y_}] = true;
        sheet.happened("plant", place() + ",\"load\":" + std::to_string(load_));
    }
    void pick() {
        read();
        if (!seedlings_[{x_, y_}]) throw std::runtime_error("there is no seedling here");
        load_++;
        seedlings_[{x_, y_}] = false;
        sheet.happened("pick", place() + ",\"load\":" + std::to_string(load_));
    }
    bool path_clear() { return isClear("path_clear", 0); }
    bool clear_left() { return isClear("clear_left", 1); }
    bool clear_right() { return isClear("clear_right", 3); }
    bool seedling_here() {
        read();
        return answered("seedling_here", bool(seedlings_[{x_, y_}]));
    }
    bool at_gate() {
        read();
        return answered("at_gate", sign(x_, y_) == 'G');
    }
    string facing() {
        read();
        return answered("facing", string(turns[facing_]));
    }
    int load() {
        read();
        return answered("load", load_);
    }

private:
    static constexpr const char* turns[] = {"right", "up", "left", "down"};

    void read() {
        if (!map_.empty()) return;
        const string text = file("SCRIVLET_LAYOUT", "layout.txt");
        std::size_t width = 0;
        for (const string& line : linesOf(text.empty() ? "load: 3\n\n########\n#......#\n#>.....#\n#......#\n########\n" : text)) {
            const string word = line.substr(0, line.find(':'));
            if (map_.empty() && word == "load" && word != line) load_ = std::atoi(line.c_str() + 5);
            if (line.empty() || (map_.empty() && (line.substr(0, 2) == "//" || (word != line && (word == "name" || word == "goal" || word == "load"))))) continue;
            map_.push_back(line);
            width = max(width, line.size());
        }
        const string signs = ">^<v";
        for (string& line : map_) {
            line.resize(width, '#');
            for (std::size_t x = 0; x < width; x++) {
                const int y = int(&line - &map_[0]);
                if (signs.find(line[x]) != string::npos) {
                    x_ = int(x);
                    y_ = y;
                    facing_ = int(signs.find(line[x]));
                }
                if (line[x] == '*' || line[x] == '%') seedlings_[{int(x), y}] = true;
            }
        }
    }
    std::pair<int, int> ahead(int by) {
        read();
        const int facing = (facing_ + by) % 4;
        return {x_ + (facing == 0) - (facing == 2), y_ + (facing == 3) - (facing == 1)};
    }
    char sign(int x, int y) const { return y < 0 || y >= int(map_.size()) || x < 0 || x >= int(map_[0].size()) ? 0 : map_[y][x]; }
    bool isFree(int x, int y) const { return sign(x, y) != 0 && sign(x, y) != '#' && sign(x, y) != 'o'; }
    bool isClear(const char* what, int by) {
        const auto [x, y] = ahead(by);
        return answered(what, isFree(x, y));
    }
    void turn(int by) {
        read();
        facing_ = (facing_ + by) % 4;
        sheet.happened("swing", "\"facing\":" + quoted_text(turns[facing_]));
    }
    string place() const { return "\"x\":" + std::to_string(x_ + 1) + ",\"y\":" + std::to_string(y_ + 1); }

    vector<string> map_;
    map<std::pair<int, int>, bool> seedlings_;
    int x_ = 0, y_ = 0, facing_ = 0, load_ = 0;
};

// The lantern at the gate.
inline const char* const glyphTable =
    "A.#.#.#####.##.# B##.#.###.#.###. C.###..#..#...## D##.#.##.##.###. E####..##.#..### "
    "F####..##.#..#.. G.###..#.##.#.## H#.##.#####.##.# I###.#..#..#.### J..#..#..##.#.#. "
    "K#.##.###.#.##.# L#..#..#..#..### M#...###.###.#.##...##...# N#..###.##.###..##..# O.#.#.##.##.#.#. "
    "P##.#.###.#..#.. Q.##.#..##..##.##.### R##.#.###.#.##.# S.###...#...###. T###.#..#..#..#. "
    "U#.##.##.##.#### V#.##.##.##.#.#. W#...##...##.#.##.#.#.#.#. X#.##.#.#.#.##.# Y#.##.#.#..#..#. "
    "Z###..#.#.#..### 0.#.#.##.##.#.#. 1.#.##..#..#.### 2##...#.#.#..### 3##...#.#...###. "
    "4#.##.####..#..# 5####..##...###. 6.###..##.#.#.#. 7###..#.#..#..#. 8.#.#.#.#.#.#.#. "
    "9.#.#.#.##..###. !###.# .....# ,...## :.#.#. ;.#.## ?##...#.#.....#. +....#.###.#.... "
    "-......###...... *...#.#.#.#.#... /..#..#.#.#..#.. =...###...###... (.##.#.#..# )#..#.#.##. "
    "<..#.#.#...#...# >#...#...#.#.#.. '##... \"#.##.#......... #.#.#.#####.#.#####.#.#. %#.#..#.#.#..#.# "
    "&.#..#.#..#..#.#.#.#. _............### ";

inline const map<char, string>& glyphs() {
    // Never destroyed: scripts may still show letters when the program's last line has run.
    static const map<char, string>& all = *[] {
        auto* found = new map<char, string>;
        std::istringstream in(glyphTable);
        for (string entry; in >> entry;) (*found)[entry[0]] = entry.substr(1);
        return found;
    }();
    return all;
}

inline vector<string> letters(const string& text) {
    vector<string> rows(5);
    int count = 0;
    for (const char sign : text) {
        if ((static_cast<unsigned char>(sign) & 0xc0) == 0x80) continue;
        if (++count > 200) throw std::invalid_argument("the text is too long for the lantern");
        const char letter = sign >= 'a' && sign <= 'z' ? char(sign - 32) : sign;
        const auto known = glyphs().find(letter);
        const string cells = letter == ' ' ? "....." : known == glyphs().end() ? "####.##.##.####" : known->second;
        const std::size_t wide = max<std::size_t>(1, cells.size() / 5);
        for (std::size_t row = 0; row < 5; row++) rows[row] += (count > 1 ? "." : "") + cells.substr(row * wide, wide);
    }
    return rows;
}

class Lantern {
public:
    template <typename T>
    void shine(const T& value) {
        std::ostringstream text;
        text << value;
        const vector<string> rows = letters(text.str());
        if (rows[0].size() > 9) throw std::invalid_argument(text.str() + " is too wide for nine lamps");
        const std::size_t left = (9 - rows[0].size()) / 2;
        vector<string> lamps;
        for (const string& row : rows) lamps.push_back(padded(string(left, '.') + row));
        glow(lamps);
    }
    template <typename T>
    void roll(const T& value) {
        std::ostringstream text;
        text << value;
        const vector<string> rows = letters(text.str());
        for (std::size_t at = 1; at <= rows[0].size() + 9; at++) {
            vector<string> lamps;
            for (const string& row : rows) lamps.push_back(("........." + row + ".........").substr(at, 9));
            glow(lamps);
            scheduler.pause(100);
        }
    }
    void light(double x, double y) { lamp(x, y, '#'); }
    void dark(double x, double y) { lamp(x, y, '.'); }
    void pattern(const string& rows) {
        vector<string> lamps(1);
        for (const char sign : rows) {
            if (sign == '/') {
                lamps.emplace_back();
            } else if (sign == '#' || sign == '.') {
                lamps.back() += sign;
            } else {
                lamps.resize(6);
            }
            if (lamps.size() > 5 || lamps.back().size() > 9) throw std::invalid_argument("a pattern has at most five rows with / between them, of at most nine signs # and .");
        }
        lamps.resize(5);
        for (string& row : lamps) row = padded(row);
        glow(lamps);
    }
    void clear() { pattern(""); }
    bool held(const string& button) {
        check(button);
        scheduler.elapse(ASKING);
        return answered("pressed " + button, button == "both" ? areBothDown() : down_[button]);
    }
    bool tapped(const string& button) {
        check(button);
        scheduler.elapse(ASKING);
        const bool was = was_[button];
        was_[button] = false;
        return answered("tapped " + button, was);
    }
    int brightness() {
        scheduler.elapse(ASKING);
        return answered("brightness", light_);
    }
    void when_tapped(const string& button, const function<void()>& handler) {
        check(button);
        scheduler.on("when_tapped " + button, handler);
    }
    void when_light(const string& change, const function<void()>& handler) { scheduler.on("when_light " + change, handler); }

    void moved(const string& button, bool isDown) {
        const bool both = areBothDown(), wasDown = down_[button];
        down_[button] = isDown;
        sheet.happened("button", "\"button\":" + quoted_text(button) + ",\"down\":" + (isDown ? "true" : "false"));
        if (!isDown || wasDown) return;
        was_[button] = true;
        scheduler.happen("when_tapped " + button);
        if (areBothDown() && !both) {
            was_["both"] = true;
            scheduler.happen("when_tapped both");
        }
    }
    void lit(int level) {
        const int before = light_;
        light_ = level;
        sheet.happened("daylight", "\"level\":" + std::to_string(level));
        if (level != before) scheduler.happen(level < before ? "when_light darker" : "when_light brighter");
    }

private:
    static string padded(string row) {
        row.resize(9, '.');
        return row;
    }
    static void check(const string& button) {
        if (button != "round" && button != "square" && button != "both") throw std::invalid_argument(button + " is no button");
    }
    bool areBothDown() { return down_["round"] && down_["square"]; }
    void lamp(double x, double y, char sign) {
        if (!(x >= 0 && x < 9 && y >= 0 && y < 5)) throw std::invalid_argument("there is no such lamp: x goes from 0 to 8, y from 0 to 4");
        vector<string> lamps = lamps_;
        lamps[std::size_t(y)][std::size_t(x)] = sign;
        glow(lamps);
    }
    void glow(const vector<string>& lamps) {
        lamps_ = lamps;
        string rows;
        for (const string& row : lamps) rows += (rows.empty() ? "\"" : ",\"") + row + "\"";
        sheet.happened("lamps", "\"rows\":[" + rows + "]");
    }

    vector<string> lamps_ = vector<string>(5, ".........");
    int light_ = 50;
    map<string, bool> down_, was_;
};

// The mower on its lawn: two driven wheels, moved on exactly along an arc in steps of a fixed time.
class Mower {
public:
    Mower() {
        const string text = file("SCRIVLET_LAYOUT", "layout.txt");
        for (const string& line : linesOf(text.empty() ? "mower: 0 0 90\npile: 0 70\npile: 60 -40\n" : text)) {
            const string word = line.substr(0, line.find(':'));
            std::istringstream values(word == line ? "" : line.substr(word.size() + 1));
            if (word == "mower" && values >> x_ >> y_ >> heading_) heading_ = std::fmod(std::fmod(heading_, 360.0) + 360.0, 360.0);
            double x, y;
            if (word == "pile" && values >> x >> y) piles_.emplace_back(x, y);
        }
    }
    void drive(double left, double right) { speeds(within(left, -100, 100) * 30.0 / 100, within(right, -100, 100) * 30.0 / 100); }
    void travel(double distance, double speed) {
        speed = std::abs(within(speed, -100, 100)) * 30.0 / 100;
        distance = within(distance, -1000, 1000) * unit;
        if (speed == 0 && distance != 0) throw std::invalid_argument("at speed 0 the mower never arrives");
        const long long milliseconds = speed == 0 ? 0 : static_cast<long long>(std::floor(std::abs(distance) / speed * 1000 + 0.5));
        if (milliseconds > 0) {
            speeds(distance / milliseconds * 1000, distance / milliseconds * 1000);
            scheduler.pause(milliseconds);
        }
        stop();
    }
    void turn(double degrees) {
        within(degrees, -3600, 3600);
        const long long milliseconds = static_cast<long long>(std::floor(std::abs(degrees) / 90.0 * 1000 + 0.5));
        if (milliseconds > 0) {
            const double speed = degrees / milliseconds * 1000 / 180.0 * M_PI * 20.0 / 2;
            speeds(-speed, speed);
            scheduler.pause(milliseconds);
        }
        stop();
    }
    void stop() { speeds(0, 0); }
    void lamp(const string& wanted) { shine(0, colour(wanted).first); }
    void units(const string& name) {
        if (name != "cm" && name != "inches") throw std::invalid_argument(name + " is no unit");
        unit = name == "cm" ? 1 : 2.54;
    }

    void shine(int socket, const string& ink) { sheet.happened("lamp", "\"socket\":" + std::to_string(socket) + ",\"ink\":" + quoted_text(ink)); }
    int plug(double socket) {
        if (!(socket >= 1 && socket <= 8) || socket != std::floor(socket)) throw std::invalid_argument("there is no such socket: they have the numbers 1 to 8");
        if (plugged_[int(socket)]) throw std::invalid_argument("something is plugged into socket " + std::to_string(int(socket)) + " already");
        plugged_[int(socket)] = true;
        return int(socket);
    }
    std::pair<double, double> sensor(int socket) const {
        const double angle = facing(socket);
        return {onGrid(x_ + 10.0 * std::cos(angle)), onGrid(y_ + 10.0 * std::sin(angle))};
    }
    double nearest(int socket) const {
        const auto [x, y] = sensor(socket);
        const double cos = std::cos(facing(socket)), sin = std::sin(facing(socket)), field = 15.0 / 180.0 * M_PI;
        double nearest = 80;
        for (const auto& pile : piles_) {
            const double dx = pile.first - x, dy = pile.second - y;
            const double along = dx * cos + dy * sin, aside = std::abs(dy * cos - dx * sin);
            if (along > 0 && aside * std::cos(field) - along * std::sin(field) <= 12.0) {
                nearest = min(nearest, max(0.0, std::sqrt(dx * dx + dy * dy) - 12.0));
            }
        }
        return onGrid(nearest);
    }
    void advance(long long at, long long to) {
        if (left_ == 0 && right_ == 0) return;
        while (at < to) {
            const long long after = min(to, at / 20 * 20 + 20);
            move((after - at) / 1000.0);
            at = sheet.now = after;
            sheet.happened("pose", "\"x\":" + exact(x_) + ",\"y\":" + exact(y_) + ",\"heading\":" + exact(heading_));
            push();
            if (x_ * x_ + y_ * y_ > 150 * 150) throw std::runtime_error("the mower drove off the gravel");
        }
    }
    double unit = 1;

private:
    static double onGrid(double number) { return std::floor(number * 1e9 + 0.5) / 1e9; }
    double facing(int socket) const {
        static const double places[] = {0, 150, -150, 30, 0, -30, 90, -90, 180};
        return (heading_ + places[socket]) / 180.0 * M_PI;
    }
    void speeds(double left, double right) {
        left_ = left;
        right_ = right;
        sheet.happened("wheels", "\"left\":" + exact(onGrid(left)) + ",\"right\":" + exact(onGrid(right)));
    }
    void move(double seconds) {
        const double angle = heading_ / 180.0 * M_PI, speed = (left_ + right_) / 2, turning = (right_ - left_) / 20.0;
        if (turning == 0) {
            x_ += speed * seconds * std::cos(angle);
            y_ += speed * seconds * std::sin(angle);
        } else {
            const double radius = speed / turning, after = angle + turning * seconds;
            x_ += radius * (std::sin(after) - std::sin(angle));
            y_ += radius * (std::cos(angle) - std::cos(after));
        }
        x_ = onGrid(x_);
        y_ = onGrid(y_);
        const double heading = std::fmod(heading_ + turning * seconds / M_PI * 180.0, 360.0);
        heading_ = onGrid(heading < 0 ? heading + 360.0 : heading);
        if (heading_ >= 360.0) heading_ = 0;
    }
    void push() {
        for (std::size_t index = 0; index < piles_.size(); index++) {
            const double dx = piles_[index].first - x_, dy = piles_[index].second - y_, away = std::sqrt(dx * dx + dy * dy);
            if (away < 24.0 - 1e-5 && away > 0) {
                piles_[index] = {onGrid(x_ + dx / away * 24.0), onGrid(y_ + dy / away * 24.0)};
                sheet.happened("pile", "\"index\":" + std::to_string(index) + ",\"x\":" + exact(piles_[index].first) + ",\"y\":" + exact(piles_[index].second));
            }
        }
    }

    double x_ = 0, y_ = 0, heading_ = 90, left_ = 0, right_ = 0;
    vector<std::pair<double, double>> piles_;
    map<int, bool> plugged_;
};

}  // namespace scrivlet

inline scrivlet::Nib nib;
inline scrivlet::Barrow barrow;
inline scrivlet::Lantern lantern;
inline scrivlet::Mower mower;

inline void scrivlet::Scheduler::pass(long long to) {
    if (to <= sheet.now) return;
    const long long end = last_ < 0 ? to : min(to, last_);
    if (!sheet.traceFile) std::this_thread::sleep_for(std::chrono::milliseconds(end - sheet.now));
    mower.advance(sheet.now, end);
    sheet.now = end;
    if (end < to) {
        sheet.finish();
        std::_Exit(0);
    }
}

inline void scrivlet::Scheduler::deliver() {
    const Signal signal = signals_.front();
    pass(signal.at);
    signals_.erase(signals_.begin());
    if (signal.kind == "light") {
        lantern.lit(std::stoi(signal.what));
    } else {
        lantern.moved(signal.what, signal.kind == "press");
    }
}

inline void wait(double seconds) {
    scrivlet::scheduler.pause(static_cast<long long>(std::floor(min(max(scrivlet::finite(seconds), 0.0), 1e6) * 1000 + 0.5)));
}
inline void announce(const string& message) {
    scrivlet::sheet.happened("announce", "\"message\":" + scrivlet::quoted_text(message));
    scrivlet::scheduler.happen("when_announced " + message);
}
inline void when_announced(const string& message, const function<void()>& handler) { scrivlet::scheduler.on("when_announced " + message, handler); }

// The mower's wheels, on two sockets.
class DrivePair {
public:
    DrivePair() = default;
    DrivePair(double left_socket, double right_socket) {
        mower.plug(left_socket);
        mower.plug(right_socket);
    }
    void drive(double left, double right) { mower.drive(left, right); }
    void travel(double distance, double speed) { mower.travel(distance, speed); }
    void turn(double degrees) { mower.turn(degrees); }
    void stop() { mower.stop(); }
};

// Tells grass from gravel.
class SurfaceSensor {
public:
    SurfaceSensor() = default;
    explicit SurfaceSensor(double socket) : socket_(mower.plug(socket)) {}
    string surface() {
        scrivlet::scheduler.elapse(scrivlet::ASKING);
        const auto [x, y] = mower.sensor(socket_);
        return scrivlet::answered("surface " + to_string(socket_), string(x * x + y * y > 120 * 120 ? "gravel" : "grass"));
    }

private:
    int socket_ = 1;
};

// A lamp on a socket.
class Lamp {
public:
    Lamp() = default;
    explicit Lamp(double socket) : socket_(mower.plug(socket)) {}
    void show(const string& wanted) { mower.shine(socket_, scrivlet::colour(wanted).first); }
    void off() { mower.shine(socket_, ""); }

private:
    int socket_ = 1;
};

// A whole number by chance, both ends included.
inline int random_between(double first, double last) {
    const long long from = static_cast<long long>(first), to = static_cast<long long>(last);
    if (from > to) throw std::invalid_argument("chance goes from the smaller number to the larger one");
    if (scrivlet::seededState != 0) {
        scrivlet::seededState = scrivlet::seededState * 48271 % 2147483647;
        return static_cast<int>(from + scrivlet::seededState % (to - from + 1));
    }
    static std::mt19937_64 engine{std::random_device{}()};
    return static_cast<int>(std::uniform_int_distribution<long long>(from, to)(engine));
}

// The way to the next leaf pile in its field, in whole centimetres or inches; now and then nothing.
class RangeSensor {
public:
    RangeSensor() = default;
    explicit RangeSensor(double socket) : socket_(mower.plug(socket)) {}
    optional<int> distance() {
        scrivlet::scheduler.elapse(scrivlet::ASKING);
        const string what = "distance " + to_string(socket_);
        if (random_between(1, 12) == 1) {
            scrivlet::sheet.happened("sense", "\"what\":" + scrivlet::quoted_text(what) + ",\"answer\":null");
            return nullopt;
        }
        return scrivlet::answered(what, int(std::floor(mower.nearest(socket_) / mower.unit)));
    }

private:
    int socket_ = 1;
};

template <typename T>
std::ostream& operator<<(std::ostream& out, const optional<T>& value) { return value ? out << *value : out << "nothing"; }

// What is left over by floor_div; it has the sign of the divisor.
template <typename A, typename B>
auto floor_mod(A a, B b) {
    if (b == 0) throw std::domain_error("division by zero");
    if constexpr (std::is_integral_v<A> && std::is_integral_v<B>) {
        const auto rest = a % b;
        return rest != 0 && (rest < 0) != (b < 0) ? rest + b : rest;
    } else {
        const double rest = std::fmod(static_cast<double>(a), static_cast<double>(b));
        if (rest == 0) return b < 0 ? -0.0 : 0.0;
        return (b < 0) != (rest < 0) ? rest + b : rest;
    }
}

// The whole number at or below the quotient.
template <typename A, typename B>
auto floor_div(A a, B b) {
    if (b == 0) throw std::domain_error("division by zero");
    if constexpr (std::is_integral_v<A> && std::is_integral_v<B>) {
        return (a - floor_mod(a, b)) / b;
    } else {
        const double rest = std::fmod(static_cast<double>(a), static_cast<double>(b));
        double quotient = (a - rest) / b;
        if (rest != 0 && (b < 0) != (rest < 0)) quotient -= 1;
        if (quotient == 0) return std::copysign(0.0, static_cast<double>(a) / b);
        const double floor = std::floor(quotient);
        return quotient - floor > 0.5 ? floor + 1 : floor;
    }
}

// All values as one text, each as cout shows it.
template <typename... T>
string join(const T&... values) {
    std::ostringstream text;
    (text << ... << values);
    return text.str();
}

// What text programs use beside the standard library.

template <typename T>
std::ostream& operator<<(std::ostream& out, const vector<T>& list) {
    out << "[";
    for (std::size_t at = 0; at < list.size(); at++) out << (at > 0 ? ", " : "") << list[at];
    return out << "]";
}

template <typename K, typename V>
std::ostream& operator<<(std::ostream& out, const map<K, V>& entries) {
    out << "{";
    bool first = true;
    for (const auto& [key, value] : entries) {
        out << (first ? "" : ", ") << key << ": " << value;
        first = false;
    }
    return out << "}";
}

inline string ask(const string& question = "") {
    cout << question << std::flush;
    string line;
    if (!getline(cin, line)) throw std::runtime_error("there is no answer left");
    if (!line.empty() && line.back() == '\r') line.pop_back();
    scrivlet::sheet.happened("ask", "\"answer\":" + scrivlet::quoted_text(line));
    return line;
}

inline string ask_word() {
    string word;
    if (!(cin >> word)) throw std::runtime_error("there is no answer left");
    scrivlet::sheet.happened("ask", "\"answer\":" + scrivlet::quoted_text(word));
    return word;
}

inline string next_word() { return ask_word(); }

inline bool contains(const string& text, const string& part) { return text.find(part) != string::npos; }
inline bool contains(const string& text, char letter) { return text.find(letter) != string::npos; }
template <typename T, typename U>
bool contains(const vector<T>& list, const U& value) {
    return std::find(list.begin(), list.end(), value) != list.end();
}
template <typename T, typename U>
bool contains(const std::set<T>& items, const U& value) {
    return items.count(value) > 0;
}
inline bool contains(const vector<char>& letters, const string& text) { return text.size() == 1 && contains(letters, text[0]); }

inline int position(const string& text, const string& part) {
    const auto at = text.find(part);
    return at == string::npos ? -1 : int(at);
}
inline int position(const string& text, char letter) { return position(text, string(1, letter)); }
template <typename T, typename U>
int position(const vector<T>& list, const U& value) {
    const auto at = std::find(list.begin(), list.end(), value);
    return at == list.end() ? -1 : int(at - list.begin());
}
template <typename L, typename U>
int index_in(const L& list, const U& value) {
    const int at = position(list, value);
    if (at < 0) throw std::out_of_range("the value is not in the list");
    return at;
}

inline int occurrences(const string& text, const string& part) {
    int found = 0;
    for (auto at = text.find(part); at != string::npos && !part.empty(); at = text.find(part, at + part.size())) found++;
    return found;
}
inline int occurrences(const string& text, char letter) { return int(count(text.begin(), text.end(), letter)); }

inline string repeated(const string& text, int times) {
    string all;
    for (int turn = 0; turn < times; turn++) all += text;
    return all;
}
inline string repeated(char letter, int times) { return string(max(0, times), letter); }
template <typename T>
vector<T> repeated(const vector<T>& list, int times) {
    vector<T> all;
    for (int turn = 0; turn < times; turn++) all.insert(all.end(), list.begin(), list.end());
    return all;
}

template <typename L>
L backwards(L list) {
    reverse(list.begin(), list.end());
    return list;
}
inline string backwards(const char* text) { return backwards(string(text)); }

inline string upper(string text) {
    for (char& letter : text) letter = char(std::toupper(static_cast<unsigned char>(letter)));
    return text;
}
inline string upper(char letter) { return upper(string(1, letter)); }
inline string lower(string text) {
    for (char& letter : text) letter = char(std::tolower(static_cast<unsigned char>(letter)));
    return text;
}
inline string lower(char letter) { return lower(string(1, letter)); }
inline string title(string text) {
    bool first = true;
    for (char& letter : text) {
        const auto sign = static_cast<unsigned char>(letter);
        letter = char(first ? std::toupper(sign) : std::tolower(sign));
        first = !std::isalpha(sign);
    }
    return text;
}
inline string capitalized(string text) {
    text = lower(text);
    if (!text.empty()) text[0] = char(std::toupper(static_cast<unsigned char>(text[0])));
    return text;
}
inline string trimmed(const string& text) {
    const auto from = text.find_first_not_of(" \t\n\r\v\f");
    return from == string::npos ? "" : text.substr(from, text.find_last_not_of(" \t\n\r\v\f") - from + 1);
}
inline vector<string> words(const string& text) {
    std::istringstream in(text);
    vector<string> all;
    for (string word; in >> word;) all.push_back(word);
    return all;
}
inline vector<string> lines_of(const string& text) {
    vector<string> all;
    string line;
    for (std::size_t at = 0; at < text.size(); at++) {
        const bool is_wide = text.compare(at, 3, "\xe2\x80\xa8") == 0 || text.compare(at, 3, "\xe2\x80\xa9") == 0;
        const bool is_next = text.compare(at, 2, "\xc2\x85") == 0;
        const char sign = text[at];
        if (!is_wide && !is_next && !(sign >= '\n' && sign <= '\r') && !(sign >= '\x1c' && sign <= '\x1e')) {
            line += sign;
            continue;
        }
        at += is_wide ? 2 : is_next || (sign == '\r' && at + 1 < text.size() && text[at + 1] == '\n') ? 1 : 0;
        all.push_back(line);
        line.clear();
    }
    if (!line.empty()) all.push_back(line);
    return all;
}
inline vector<string> split(const string& text, const string& separator) {
    vector<string> parts;
    std::size_t from = 0;
    for (auto at = text.find(separator); at != string::npos; at = text.find(separator, from)) {
        parts.push_back(text.substr(from, at - from));
        from = at + separator.size();
    }
    parts.push_back(text.substr(from));
    return parts;
}
inline vector<char> letters(const string& text) { return vector<char>(text.begin(), text.end()); }
template <typename T>
string joined(const vector<T>& list, const string& separator) {
    std::ostringstream out;
    for (std::size_t at = 0; at < list.size(); at++) out << (at > 0 ? separator : "") << list[at];
    return out.str();
}
inline string replaced(string text, const string& old, const string& fresh) {
    for (auto at = text.find(old); at != string::npos; at = text.find(old, at + fresh.size())) text.replace(at, old.size(), fresh);
    return text;
}
inline string replaced_first(string text, const string& old, const string& fresh) {
    const auto at = text.find(old);
    return at == string::npos ? text : text.replace(at, old.size(), fresh);
}
inline bool starts(const string& text, const string& part) { return text.compare(0, part.size(), part) == 0; }
inline bool ends(const string& text, const string& part) {
    return text.size() >= part.size() && text.compare(text.size() - part.size(), part.size(), part) == 0;
}
inline bool is_digits(const string& text) {
    return !text.empty() && std::all_of(text.begin(), text.end(), [](unsigned char letter) { return std::isdigit(letter); });
}
inline bool is_digits(char letter) { return is_digits(string(1, letter)); }
inline bool is_letters(const string& text) {
    return !text.empty() && std::all_of(text.begin(), text.end(), [](unsigned char letter) { return std::isalpha(letter); });
}
inline bool is_letters(char letter) { return is_letters(string(1, letter)); }
inline bool is_upper(const string& text) {
    bool found = false;
    for (unsigned char letter : text) {
        if (std::islower(letter)) return false;
        found = found || std::isupper(letter);
    }
    return found;
}
inline bool is_upper(char letter) { return is_upper(string(1, letter)); }
inline bool is_lower(const string& text) {
    bool found = false;
    for (unsigned char letter : text) {
        if (std::isupper(letter)) return false;
        found = found || std::islower(letter);
    }
    return found;
}
inline bool is_lower(char letter) { return is_lower(string(1, letter)); }
inline bool is_space(const string& text) {
    for (unsigned char letter : text) {
        if (!std::isspace(letter)) return false;
    }
    return !text.empty();
}
inline bool is_space(char letter) { return is_space(string(1, letter)); }
inline bool is_plain(const string& text) {
    for (unsigned char letter : text) {
        if (!std::isalnum(letter)) return false;
    }
    return !text.empty();
}
inline bool is_plain(char letter) { return is_plain(string(1, letter)); }
template <typename L, typename F>
void sort_by(L& list, F key) {
    std::stable_sort(list.begin(), list.end(), [&](const auto& a, const auto& b) { return key(a) < key(b); });
}
template <typename L, typename F>
void sort_down_by(L& list, F key) {
    std::stable_sort(list.begin(), list.end(), [&](const auto& a, const auto& b) { return key(b) < key(a); });
}
template <typename L, typename F>
L sorted_by(L list, F key) {
    sort_by(list, key);
    return list;
}
template <typename L, typename F>
L sorted_down_by(L list, F key) {
    sort_down_by(list, key);
    return list;
}
template <typename L>
bool any_holds(const L& list) {
    for (const auto& item : list) {
        if (item) return true;
    }
    return false;
}
template <typename L>
bool all_hold(const L& list) {
    for (const auto& item : list) {
        if (!item) return false;
    }
    return true;
}
template <typename L, typename F, typename T>
T reduced(const L& list, F join, T start) {
    for (const auto& item : list) start = join(start, item);
    return start;
}
template <typename T, typename F>
T first_of(const vector<T>& list, F condition) {
    for (const T& item : list) {
        if (condition(item)) return item;
    }
    throw std::out_of_range("nothing is found");
}
template <typename T, typename F>
int first_place(const vector<T>& list, F condition) {
    for (std::size_t at = 0; at < list.size(); ++at) {
        if (condition(list[at])) return int(at);
    }
    return -1;
}
template <typename T, typename F>
void sort_with(vector<T>& list, F compare) {
    std::stable_sort(list.begin(), list.end(), [&](const T& one, const T& other) { return compare(one, other) < 0; });
}
template <typename T, typename F>
vector<T> sorted_with(vector<T> list, F compare) {
    sort_with(list, compare);
    return list;
}
inline int last_position(const string& text, const string& part) {
    const auto at = text.rfind(part);
    return at == string::npos ? -1 : int(at);
}
inline int first_among(const string& text, const string& letters) { return int(text.find_first_of(letters)); }
inline int last_among(const string& text, const string& letters) { return int(text.find_last_of(letters)); }
inline int first_apart(const string& text, const string& letters) { return int(text.find_first_not_of(letters)); }
inline int last_apart(const string& text, const string& letters) { return int(text.find_last_not_of(letters)); }
inline double way_between(const vector<double>& from, const vector<double>& to) {
    double sum = 0;
    for (std::size_t axis = 0; axis < from.size() && axis < to.size(); ++axis) sum = std::hypot(sum, from[axis] - to[axis]);
    return sum;
}
template <typename T>
vector<double> as_point(const vector<T>& list) { return vector<double>(list.begin(), list.end()); }
template <typename... T>
vector<double> as_point(const std::tuple<T...>& point) {
    return std::apply([](const T&... at) { return vector<double>{double(at)...}; }, point);
}
template <typename A, typename B>
double way_between(const A& from, const B& to) { return way_between(as_point(from), as_point(to)); }
inline int last_position(const string& text, char letter) { return last_position(text, string(1, letter)); }
template <typename M>
M merged(M one, const M& other) {
    for (const auto& entry : other) one[entry.first] = entry.second;
    return one;
}
template <typename T, typename U>
bool alike(const T& one, const U& other) {
    if constexpr (std::is_same_v<T, string> && std::is_arithmetic_v<U>) {
        return one == to_text(other);
    } else if constexpr (std::is_arithmetic_v<T> && std::is_same_v<U, string>) {
        return to_text(one) == other;
    } else {
        return one == other;
    }
}
template <typename T, typename L>
void extend_list(vector<T>& list, const L& more) {
    const vector<T> items(more.begin(), more.end());
    list.insert(list.end(), items.begin(), items.end());
}
template <typename K, typename T>
T popped(map<K, T>& from, const K& key) {
    const T value = from.at(key);
    from.erase(key);
    return value;
}
template <typename T>
T popped(map<string, T>& from, const char* key) {
    return popped(from, string(key));
}
inline string letter_at(const string& text, int place) { return place < 0 || place >= int(text.size()) ? string() : text.substr(place, 1); }
inline string with_letter(string text, int place, char letter) {
    text.at(place) = letter;
    return text;
}
inline string with_letter(string text, int place, const string& letter) { return text.replace(place, 1, letter); }
template <typename T, typename F>
T first_out(vector<T> items, F is_before) {
    for (size_t at = 1; at <= items.size(); ++at) push_heap(items.begin(), items.begin() + at, is_before);
    return items.at(0);
}
template <typename T, typename F>
void take_first(vector<T>& items, F is_before) {
    for (size_t at = 1; at <= items.size(); ++at) push_heap(items.begin(), items.begin() + at, is_before);
    pop_heap(items.begin(), items.end(), is_before);
    items.pop_back();
}
inline string with_letter_of_c(string text, int place, char letter) {
    if (letter == '\0' || int(text.size()) < place) text.resize(place);
    if (letter != '\0') text.replace(place, 1, 1, letter);
    return text;
}
inline string with_letter_of_c(const string& text, int place, const string& letter) { return with_letter_of_c(text, place, letter.at(0)); }
inline vector<char> letters_between(char from, char to) {
    vector<char> all;
    for (int letter = from; letter <= to; letter++) all.push_back(char(letter));
    return all;
}
inline string padded_left(const string& text, int size, const string& with) {
    return repeated(with, size - int(text.size())) + text;
}
inline string padded_right(const string& text, int size, const string& with) {
    return text + repeated(with, size - int(text.size()));
}
inline int code(const string& letter) { return static_cast<unsigned char>(letter.at(0)); }

template <typename T>
string to_text(const T& value) {
    std::ostringstream out;
    out << value;
    return out.str();
}
inline string fixed(double value, int digits) {
    char text[400];
    std::snprintf(text, sizeof text, "%.*f", digits, value);
    return text;
}
inline string in_base(long long number, int base) {
    string digits;
    for (long long rest = number < 0 ? -number : number; rest > 0 || digits.empty(); rest /= base) digits.insert(0, 1, "0123456789abcdefghijklmnopqrstuvwxyz"[rest % base]);
    return number < 0 ? "-" + digits : digits;
}
template <typename T>
string formatted(const T& value, const string& form) {
    string fill, align, precision, width, type;
    bool plus = false, zero = false, comma = false, based = false;
    std::size_t at = 0;
    if (form.size() > 1 && string("<>^").find(form[1]) != string::npos) fill = form.substr(at++, 1);
    if (at < form.size() && string("<>^").find(form[at]) != string::npos) align = form.substr(at++, 1);
    if (at < form.size() && form[at] == '+') plus = at++ < form.size();
    if (at < form.size() && form[at] == '#') based = at++ < form.size();
    if (at < form.size() && form[at] == '0') zero = at++ < form.size();
    while (at < form.size() && std::isdigit(static_cast<unsigned char>(form[at]))) width += form[at++];
    if (at < form.size() && form[at] == ',') comma = at++ < form.size();
    if (at < form.size() && form[at] == '.') {
        for (at++; at < form.size() && std::isdigit(static_cast<unsigned char>(form[at])); at++) precision += form[at];
    }
    type = form.substr(at);
    string text = to_text(value);
    constexpr bool isNumber = std::is_arithmetic_v<T> && !std::is_same_v<T, char>;
    if constexpr (isNumber) {
        if (type == "x" || type == "X" || type == "o" || type == "b") {
            text = in_base(static_cast<long long>(value), type == "o" ? 8 : type == "b" ? 2 : 16);
            if (type == "X") {
                for (char& digit : text) digit = char(std::toupper(static_cast<unsigned char>(digit)));
            }
            if (based) text.insert(value < 0 ? 1 : 0, "0" + type);
        } else if (type == "%") {
            text = fixed(double(value) * 100, precision.empty() ? 6 : stoi(precision)) + "%";
        } else if (type == "f") {
            text = fixed(double(value), precision.empty() ? 6 : stoi(precision));
        } else if (type == "g" || type == "e" || !precision.empty()) {
            char shown[400];
            std::snprintf(shown, sizeof shown, type == "e" ? "%.*e" : "%.*g", precision.empty() ? 6 : stoi(precision), double(value));
            text = shown;
        }
        if (plus && value >= 0) text = "+" + text;
    } else if (!precision.empty()) {
        text = text.substr(0, stoi(precision));
    }
    if (comma) {
        const auto point = text.find('.') == string::npos ? text.size() : text.find('.');
        for (int place = int(point) - 3; place > (text[0] == '-' || text[0] == '+' ? 1 : 0); place -= 3) text.insert(place, ",");
    }
    const int missing = (width.empty() ? 0 : stoi(width)) - int(text.size());
    if (missing <= 0) return text;
    if (zero && align.empty()) {
        const int signs = (text[0] == '-' || text[0] == '+' ? 1 : 0) + (based ? 2 : 0);
        return text.substr(0, signs) + string(missing, '0') + text.substr(signs);
    }
    if (align.empty()) align = isNumber ? ">" : "<";
    // A nought before the width fills where nothing else is given to fill with.
    if (fill.empty()) fill = zero ? "0" : " ";
    const int left = align == "<" ? 0 : align == "^" ? missing / 2 : missing;
    return repeated(fill, left) + text + repeated(fill, missing - left);
}

inline int rounded(double value) { return int(std::floor(value + 0.5)); }
inline int rounded_even(double value) { return int(std::nearbyint(value)); }
inline double rounded_to(double value, int digits) { return stod(fixed(value, digits)); }
inline double radians(double degrees) { return degrees * 3.141592653589793 / 180; }
inline double chance() { return random_between(0, 2147483645) / 2147483646.0; }

template <typename T>
T chosen(const vector<T>& list) {
    return list.at(random_between(0, int(list.size()) - 1));
}
template <typename T>
void shuffle(vector<T>& list) {
    for (int at = int(list.size()) - 1; at > 0; at--) swap(list[at], list[random_between(0, at)]);
}
template <typename T>
T popped(vector<T>& list) {
    T value = list.at(list.size() - 1);
    list.pop_back();
    return value;
}
template <typename T>
T popped(vector<T>& list, int at) {
    T value = list.at(at < 0 ? at + int(list.size()) : at);
    list.erase(list.begin() + (at < 0 ? at + int(list.size()) : at));
    return value;
}
template <typename T>
T shifted(vector<T>& list) {
    return popped(list, 0);
}
// From the end where it is below 0, and never outside.
inline int bound_of(int at, int size) { return max(0, min(size, at < 0 ? at + size : at)); }
template <typename T, typename L>
void put_range(vector<T>& list, int from, int to, const L& more) {
    const vector<T> items(more.begin(), more.end());
    const int size = int(list.size()), start = bound_of(from, size);
    list.insert(list.erase(list.begin() + start, list.begin() + max(start, bound_of(to, size))), items.begin(), items.end());
}
template <typename T, typename U>
void fill_up(vector<T>& list, const U& value, int from, int to) {
    const int size = int(list.size()), end = bound_of(to, size);
    for (int at = bound_of(from, size); at < end; ++at) list[at] = value;
}
template <typename T, typename U>
void remove_value(vector<T>& list, const U& value) {
    list.erase(list.begin() + index_in(list, value));
}
template <typename T>
void sort_as_texts(vector<T>& list) {
    sort(list.begin(), list.end(), [](const T& a, const T& b) { return to_text(a) < to_text(b); });
}
template <typename T>
vector<T> sorted(vector<T> list) {
    sort(list.begin(), list.end());
    return list;
}
template <typename T>
vector<T> sorted_down(vector<T> list) {
    sort(list.rbegin(), list.rend());
    return list;
}

// The letters of a text in the order that comes next, or in the first one, and the other way round.
inline string next_text(string text) {
    std::next_permutation(text.begin(), text.end());
    return text;
}
inline string previous_text(string text) {
    std::prev_permutation(text.begin(), text.end());
    return text;
}
// The key of a map, or the item of a set, that a place among them is at.
template <typename K, typename V>
const K& key_of(const std::pair<const K, V>& entry) {
    return entry.first;
}
template <typename T>
const T& key_of(const T& item) {
    return item;
}
template <typename C, typename K>
auto key_from(const C& all, const K& key) {
    auto place = all.lower_bound(key);
    if (place == all.end()) throw std::out_of_range("key_from");
    return key_of(*place);
}
template <typename C, typename K>
auto key_behind(const C& all, const K& key) {
    auto place = all.upper_bound(key);
    if (place == all.end()) throw std::out_of_range("key_behind");
    return key_of(*place);
}
template <typename C, typename K>
auto key_before(const C& all, const K& key) {
    auto place = all.lower_bound(key);
    if (place == all.begin()) throw std::out_of_range("key_before");
    return key_of(*--place);
}
// Where the last of the greatest stands, by a function that tells which of two is less.
template <typename L, typename F>
int place_last_greatest(const L& list, F less) {
    return int(std::minmax_element(list.begin(), list.end(), less).second - list.begin());
}
// What two ranges that are in order make together.
template <typename A, typename B>
auto range_shared(const A& one, const B& other) {
    vector<typename A::value_type> made;
    std::set_intersection(one.begin(), one.end(), other.begin(), other.end(), std::back_inserter(made));
    return made;
}
template <typename A, typename B>
auto range_united(const A& one, const B& other) {
    vector<typename A::value_type> made;
    std::set_union(one.begin(), one.end(), other.begin(), other.end(), std::back_inserter(made));
    return made;
}
template <typename A, typename B>
auto range_left(const A& one, const B& other) {
    vector<typename A::value_type> made;
    std::set_difference(one.begin(), one.end(), other.begin(), other.end(), std::back_inserter(made));
    return made;
}
template <typename A, typename B>
auto range_apart(const A& one, const B& other) {
    vector<typename A::value_type> made;
    std::set_symmetric_difference(one.begin(), one.end(), other.begin(), other.end(), std::back_inserter(made));
    return made;
}
template <typename A, typename B>
auto range_merged(const A& one, const B& other) {
    vector<typename A::value_type> made;
    std::merge(one.begin(), one.end(), other.begin(), other.end(), std::back_inserter(made));
    return made;
}

// The entries of a map, from its last key to its first.
template <typename K, typename V>
vector<std::pair<K, V>> sorted_down(const map<K, V>& entries) {
    return {entries.rbegin(), entries.rend()};
}
template <typename T>
T total(const vector<T>& list) {
    return std::accumulate(list.begin(), list.end(), T());
}
template <typename T>
T least(const vector<T>& list) {
    if (list.empty()) throw std::out_of_range("the list is empty");
    return *min_element(list.begin(), list.end());
}
template <typename T>
T greatest(const vector<T>& list) {
    if (list.empty()) throw std::out_of_range("the list is empty");
    return *max_element(list.begin(), list.end());
}
template <typename T>
T copied(const T& value) {
    return value;
}
template <typename T>
vector<T> concatenated(vector<T> one, const vector<T>& other) {
    one.insert(one.end(), other.begin(), other.end());
    return one;
}
inline vector<int> numbers(int from, int to, int by = 1) {
    vector<int> all;
    for (int number = from; by > 0 ? number < to : number > to; number += by) all.push_back(number);
    return all;
}
template <typename L>
L sorted_as_texts(L list) {
    sort_as_texts(list);
    return list;
}
template <typename L, typename F>
auto least_by(const L& list, F key) {
    return sorted_by(list, key).at(0);
}
template <typename L, typename F>
auto greatest_by(const L& list, F key) {
    return sorted_down_by(list, key).at(0);
}
template <typename T>
vector<T> flattened(const vector<vector<T>>& lists) {
    vector<T> all;
    for (const auto& list : lists) all.insert(all.end(), list.begin(), list.end());
    return all;
}
template <typename L>
L stepped(const L& list, optional<int> from, optional<int> to, int by) {
    const int size = int(list.size());
    const auto bound = [&](optional<int> at, int open) { return !at ? open : max(by > 0 ? 0 : -1, min(by > 0 ? size : size - 1, *at < 0 ? *at + size : *at)); };
    L part;
    const int end = bound(to, by > 0 ? size : -1);
    for (int at = bound(from, by > 0 ? 0 : size - 1); by > 0 ? at < end : at > end; at += by) part.push_back(list[at]);
    return part;
}
template <typename T>
map<T, T> map_of(const vector<vector<T>>& pairs) {
    map<T, T> all;
    for (const auto& pair : pairs) all[pair.at(0)] = pair.at(1);
    return all;
}
template <typename T, typename U>
map<T, U> map_of(const vector<std::pair<T, U>>& pairs) {
    map<T, U> all;
    for (const auto& pair : pairs) all[pair.first] = pair.second;
    return all;
}
template <typename M>
void update_map(M& one, const M& other) {
    for (const auto& entry : other) one[entry.first] = entry.second;
}
inline double to_degrees(double arc) { return arc * (180 / 3.141592653589793); }
inline int common_divisor(int one, int other) { return other == 0 ? std::abs(one) : common_divisor(other, one % other); }
inline int common_multiple(int one, int other) { return one == 0 || other == 0 ? 0 : std::abs(one / common_divisor(one, other) * other); }
inline long long factorial_of(int number) { return number < 2 ? 1 : number * factorial_of(number - 1); }
inline int sign_of(double number) { return (number > 0) - (number < 0); }
inline string trimmed_left(const string& text) {
    const auto from = text.find_first_not_of(" \t\n\r\v\f");
    return from == string::npos ? "" : text.substr(from);
}
inline string trimmed_right(const string& text) { return text.substr(0, text.find_last_not_of(" \t\n\r\v\f") + 1); }
inline string zero_filled(const string& text, int length) {
    const int signs = !text.empty() && (text[0] == '-' || text[0] == '+') ? 1 : 0;
    return text.substr(0, signs) + string(max(0, length - int(text.size())), '0') + text.substr(signs);
}
inline string centred(const string& text, int length) {
    const int missing = max(0, length - int(text.size()));
    const int left = missing / 2 + (missing & length & 1);
    return string(left, ' ') + text + string(missing - left, ' ');
}
template <typename T>
vector<std::pair<int, T>> numbered(const vector<T>& list) {
    vector<std::pair<int, T>> pairs;
    for (std::size_t at = 0; at < list.size(); at++) pairs.push_back({int(at), list[at]});
    return pairs;
}
inline vector<std::pair<int, char>> numbered(const string& text) { return numbered(letters(text)); }
template <typename L>
auto numbered(const L& list, int from) {
    auto pairs = numbered(list);
    for (auto& pair : pairs) pair.first += from;
    return pairs;
}
template <typename T, typename U>
vector<std::pair<T, U>> paired(const vector<T>& one, const vector<U>& other) {
    vector<std::pair<T, U>> pairs;
    for (std::size_t at = 0; at < min(one.size(), other.size()); at++) pairs.push_back({one[at], other[at]});
    return pairs;
}
template <typename T>
T item(const vector<T>& list, int at) {
    return list.at(at < 0 ? at + int(list.size()) : at);
}
template <typename T>
typename vector<T>::reference item(vector<T>& list, int at) {
    return list.at(at < 0 ? at + int(list.size()) : at);
}
inline char item(const string& text, int at) { return text.at(at < 0 ? at + int(text.size()) : at); }
template <typename L>
L slice(const L& list, int from, int to = 2147483647) {
    const int size = int(list.size()), start = bound_of(from, size);
    return L(list.begin() + start, list.begin() + max(start, bound_of(to, size)));
}
inline string slice(const char* text, int from, int to = 2147483647) { return slice(string(text), from, to); }
template <typename L, typename F>
auto filtered(const L& list, F holds) {
    vector<typename L::value_type> kept;
    for (const auto& value : list) {
        if (holds(value)) kept.push_back(value);
    }
    return kept;
}
template <typename L, typename F>
auto collected(const L& list, F find) {
    vector<std::decay_t<decltype(find(*list.begin()))>> values;
    for (const auto& value : list) values.push_back(find(value));
    return values;
}
template <typename T, std::size_t... I>
auto taken_apart_at(const vector<T>& list, std::index_sequence<I...>) {
    return std::make_tuple(list[I]...);
}
/** The items of a list for as many variables; another number of items is a mistake. */
template <int N, typename T>
auto taken_apart(const vector<T>& list) {
    if (list.size() != N) throw std::runtime_error("expected " + std::to_string(N) + " values, got " + std::to_string(list.size()));
    return taken_apart_at(list, std::make_index_sequence<N>());
}
template <typename K, typename V, typename Q, typename D>
V value_or(const map<K, V>& entries, const Q& key, const D& other) {
    const auto found = entries.find(key);
    return found == entries.end() ? V(other) : found->second;
}
template <typename K, typename V, typename Q, typename D>
V& value_or_put(map<K, V>& entries, const Q& key, const D& other) {
    return entries.try_emplace(key, V(other)).first->second;
}
template <typename T>
bool identical(const T& one, const T& other) {
    return &one == &other;
}
/** Between two places in either order; those before the start are the start. */
inline string substring(const string& text, int from, int to) {
    const int size = int(text.size());
    const auto bound = [size](int at) { return at < 0 ? 0 : at > size ? size : at; };
    const auto [low, high] = std::minmax({bound(from), bound(to)});
    return text.substr(low, high - low);
}
template <typename K, typename V>
vector<K> keys(const map<K, V>& entries) {
    vector<K> all;
    for (const auto& [key, value] : entries) all.push_back(key);
    return all;
}
template <typename K, typename V>
vector<V> values(const map<K, V>& entries) {
    vector<V> all;
    for (const auto& [key, value] : entries) all.push_back(value);
    return all;
}
