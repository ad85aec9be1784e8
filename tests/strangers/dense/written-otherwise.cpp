#include <iostream>
#include <string>
#include <optional>
#include <vector>

struct Bed { std::string name; int n; };
std::ostream& operator<<(std::ostream& out, const Bed& b) { return (out << b.name << ":" << b.n); }
auto half(int n) -> double { return (n / 2.0); }
auto shout(std::string text) -> std::string {
  /* each letter */ for (auto c : text) { c = c + 1; std::cout << c; }
  /* done */ return (text + "!");
}
std::optional<int> found(const std::vector<int>& v, int wanted) {
  for (size_t i = 0; i < v.size(); i++) if (v[i] == wanted) return (i);
  return std::nullopt;
}
int count();

auto main() -> int {
  Bed b{"pea", 3};
  std::cout << b << " " << half(3) << std::endl;
  std::cout << shout("abc") << std::endl;
  std::string line;
  std::getline(std::cin, line);
  std::cout << line << " " << found({4, 5}, 5).value_or(-1) << found({4}, 5).value_or(-1) << std::endl;
  count(); count();
  std::cout << count() << std::endl;
  return (0);
}

int count() { static int calls; calls++; return (calls); }
