#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <functional>
#include <utility>

enum class Weather { Sunny, Cloudy, Rainy };

std::string to_string(Weather w) {
  switch (w) {
    case Weather::Sunny: return "sunny";
    case Weather::Cloudy: return "cloudy";
    case Weather::Rainy: return "rainy";
  }
  return "?";
}

class Task {
 public:
  Task(std::string title, int minutes, std::function<bool(Weather)> suits)
      : title_{std::move(title)}, minutes_{minutes}, suits_{std::move(suits)} {}
  const std::string& title() const { return title_; }
  int minutes() const { return minutes_; }
  bool suits(Weather w) const { return suits_(w); }

 private:
  std::string title_;
  int minutes_;
  std::function<bool(Weather)> suits_;
};

class Planner {
 public:
  void add(std::unique_ptr<Task> task) { tasks_.push_back(std::move(task)); }
  template <typename Visitor>
  void visit(Weather w, Visitor&& visitor) const {
    for (const auto& task : tasks_)
      if (task->suits(w)) visitor(*task);
  }
  std::size_t size() const noexcept { return tasks_.size(); }

 private:
  std::vector<std::unique_ptr<Task>> tasks_;
};

int main() {
  Planner planner;
  planner.add(std::make_unique<Task>("water the beds", 20, [](Weather w) { return w != Weather::Rainy; }));
  planner.add(std::make_unique<Task>("repair the shed", 45, [](Weather w) { return w == Weather::Rainy; }));
  planner.add(std::make_unique<Task>("weed the path", 30, [](Weather) { return true; }));
  std::cout << planner.size() << " tasks\n";
  for (Weather w : {Weather::Sunny, Weather::Cloudy, Weather::Rainy}) {
    int total = 0;
    std::cout << "When it is " << to_string(w) << ":\n";
    planner.visit(w, [&total](const Task& t) {
      std::cout << " - " << t.title() << " (" << t.minutes() << ")\n";
      total += t.minutes();
    });
    std::cout << "   " << total / 60 << " h " << total % 60 << " min\n";
  }
}
