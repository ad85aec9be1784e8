#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
#include <map>
#include <iomanip>
#include <sstream>

struct Plot {
    std::string crop;
    double area;
    int workers{0};
};

class Farm {
public:
    explicit Farm(std::string name) : name_(std::move(name)) {}
    void add(const Plot& p) { plots_.push_back(p); }
    Plot* find(const std::string& crop) {
        auto it = std::find_if(plots_.begin(), plots_.end(), [&](const Plot& p) { return p.crop == crop; });
        return it == plots_.end() ? nullptr : &*it;
    }
    double total() const {
        double sum = 0.0;
        for (const auto& p : plots_) sum += p.area;
        return sum;
    }
    friend std::ostream& operator<<(std::ostream& os, const Farm& f);
private:
    std::string name_;
    std::vector<Plot> plots_;
};

std::ostream& operator<<(std::ostream& os, const Farm& f) {
    os << f.name_ << " [";
    for (std::size_t i = 0; i < f.plots_.size(); ++i)
        os << (i ? ", " : "") << f.plots_[i].crop << ':' << std::fixed << std::setprecision(1) << f.plots_[i].area;
    return os << "]";
}

int main()
{
    Farm farm{"Fernhollow"};
    std::istringstream in("beans 12.5\nkale 3\npeas 7.25\n");
    std::string crop;
    double area;
    while (in >> crop >> area) farm.add({crop, area});
    if (Plot* p = farm.find("kale")) { p->area *= 2; p->workers++; }
    if (!farm.find("corn")) std::cout << "no corn" << std::endl;
    std::cout << farm << '\n' << farm.total() << '\n';
    std::map<char, std::vector<std::string>> index;
    for (const std::string w : {"beet", "bean", "kale", "corn", "cress"}) index[w[0]].push_back(w);
    for (auto& [letter, words] : index) {
        std::sort(words.rbegin(), words.rend());
        std::cout << letter << std::setw(3) << words.size() << " ";
        for (const auto& w : words) std::cout << w << (&w == &words.back() ? "\n" : "/");
    }
    return 0;
}
