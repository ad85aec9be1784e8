#include <iostream>
#include <set>
#include <map>
#include <vector>
#include <string>
#include <utility>
#include <tuple>
class Box {
    std::set<std::string> things; std::pair<int, std::string> pr; std::tuple<double, int, bool> tp; std::map<std::string, std::set<int>> ms; std::vector<std::pair<int,int>> vp; std::set<std::pair<int,int>> sp;
public:
    void add(const std::string& x) { things.insert(x); ms[x].insert(x.size()); vp.push_back({1, 2}); vp.emplace_back(3, 4); sp.insert({2, 1}); }
    int size() { return things.size(); }
    void show() { std::cout << pr.first << pr.second << '|' << std::get<0>(tp) << std::get<2>(tp) << ms["a"].size() << vp.size() << vp[1].second << sp.begin()->first; pr.second = "x"; pr = {4, "y"}; std::cout << pr.second << pr.first; }
};
int main() { Box b; b.add("bcd"); b.add("a"); std::cout << b.size(); b.show(); Box c = b; c.add("new"); std::cout << b.size() << c.size(); }
