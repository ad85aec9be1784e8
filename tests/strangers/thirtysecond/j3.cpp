#include <iostream>
#include <unordered_map>
#include <string>
#include <algorithm>
int main() {
    std::unordered_map<std::string, int> ages{{"ivy", 3}, {"elm", 80}};
    ages["fig"]++;
    if (auto it = ages.find("elm"); it != ages.end()) std::cout << it->first << it->second << '\n';
    std::cout << ages.size() << ages.count("oak") << ages.at("fig") << '\n';
    int i = 10;
    while (i --> 7) std::cout << i << ",";
    std::cout << std::endl;
    auto lambda = [count = 0]() mutable { return ++count; };
    lambda(); lambda();
    std::cout << lambda() << std::endl;
    std::cout << std::min({3, 1, 2}) << " " << std::clamp(15, 0, 10) << std::endl;
}
