#include <iostream>
#include <set>
#include <map>
#include <vector>
#include <string>
#include <queue>
class Box {
public:
    Box(std::string n) : name(n) {}
    void add(const std::string& x, int n) { names.insert(x); counts[x] += n; last = x; letters.push_back(x[0]); q.push(n); total += n; grid[1][2] = n; first = x[0]; if (names.count("z")) std::cout << "z!"; }
    void show() { 
      for (auto& n : names) std::cout << n << ' ';
      for (auto& p : counts) std::cout << p.first << p.second << ' ';
      std::cout << last.size() << last.substr(1) << ' ' << total / 2 << ' ' << average() << ' ' << grid[1][2] << first << ' ' << letters[0] << q.front() << '\n';
      names.erase("a"); counts.erase("b"); std::cout << names.size() << counts.size() << (names.find("q") == names.end()) << char(first + 1) << first + 1 << std::endl;
    }
    double average() const { return total / 2; }
    bool has(const std::string& x) const { return names.find(x) != names.end() && counts.find(x) != counts.end(); }
private:
    std::string name;
    std::set<std::string> names;
    std::map<std::string, int> counts;
    std::string last;
    std::vector<char> letters;
    std::queue<int> q;
    int total = 0;
    int grid[3][4] = {};
    char first;
};
int main() { Box b("x"); b.add("bcd", 3); b.add("a", 4); b.add("a", 8); b.show(); std::cout << b.has("bcd") << b.has("b") << std::endl; }
