#include <iostream>
#include <memory>
#include <vector>
#include <string>
struct Pot { int n; Pot(int n) : n(n) { std::cout << "made " << n << "\n"; } ~Pot() { std::cout << "gone " << n << "\n"; } };
int main() {
    std::unique_ptr<Pot> a = std::make_unique<Pot>(1);
    auto b = std::make_unique<Pot>(2);
    std::unique_ptr<Pot> c = std::move(a), e(new Pot(9));
    std::unique_ptr<Pot> d;
    std::vector<std::unique_ptr<Pot>> v;
    v.push_back(std::move(b));
    v.emplace_back(new Pot(4));
    v.push_back(std::make_unique<Pot>(3));
    for (int i = 10; i < 14; i++) v.push_back(std::make_unique<Pot>(i));
    std::cout << "reset\n";
    c.reset();
    std::cout << (c ? "yes" : "no") << "\n";
    c = nullptr; d = std::make_unique<Pot>(5); d.reset(new Pot(6));
    std::cout << "pop\n";
    v.pop_back(); v.erase(v.begin());
    std::cout << "at 1\n";
    v.erase(v.begin() + 1);
    v[0] = std::make_unique<Pot>(77);
    if (d) d = nullptr;
    std::cout << "clear\n";
    { std::vector<std::unique_ptr<Pot>> w; w.push_back(std::make_unique<Pot>(50)); w.push_back(std::make_unique<Pot>(51)); std::cout << "end of w\n"; }
    v.clear();
    std::cout << "end\n";
}
