#include <iostream>
#include <vector>
#include <map>
#include <string>
using Grid = std::vector<std::vector<int>>;
Grid make(int n) { return Grid(n, std::vector<int>(n, 1)); }
std::vector < std::vector<int> > odd ( ) { return { {1} , {2,3} } ; }
std::map<std::string, std::vector<int>> table() { return {{"a", {1, 2}}}; }
class A { public: std::string get() const; const std::vector<int> & list() const { return l; } private: std::vector<int> l{4, 5}; };
std::string A::get() const { return "text"; }
class B { public: int get() const { return 7; } };
int main() { auto g = make(2); g[0].push_back(5); g.push_back({9}); std::cout << g.size() << g[0].size(); auto o = odd(); o[1].push_back(4); std::cout << o[1].size(); auto t = table(); t["a"].push_back(3); t["b"]; std::cout << t.size() << t["a"].size(); A a; auto s = a.get(); s += "!"; std::cout << s << s.size(); B b; auto n = b.get(); n++; std::cout << n / 2; auto l = a.list(); l.push_back(6); std::cout << l.size() << a.list().size() << make(3)[0].size(); for (auto& row : make(2)) for (int v : row) std::cout << v; }
