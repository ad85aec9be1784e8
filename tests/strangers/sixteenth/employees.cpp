#include <iostream>
#include <fstream>
#include <sstream>
#include <string>
#include <vector>
#include <map>
#include <algorithm>
#include <numeric>
#include <iomanip>

using std::cout;
using std::string;
using std::vector;

class Gardener {
    string name_;
    string team_;
    vector<int> hours_;

public:
    Gardener(string name, string team, vector<int> hours)
        : name_(std::move(name)), team_(std::move(team)), hours_(std::move(hours)) {}

    const string& name() const { return name_; }
    const string& team() const { return team_; }
    int total() const { return std::accumulate(hours_.begin(), hours_.end(), 0); }
    double average() const { return hours_.empty() ? 0.0 : static_cast<double>(total()) / hours_.size(); }
    bool operator<(const Gardener& other) const {
        return total() != other.total() ? total() > other.total() : name_ < other.name_;
    }
};

vector<string> split(const string& line, char sep) {
    vector<string> parts;
    string part;
    std::istringstream in(line);
    while (std::getline(in, part, sep)) parts.push_back(part);
    return parts;
}

Gardener parse(const string& line) {
    auto parts = split(line, ';');
    if (parts.size() < 2) throw std::runtime_error("bad line: " + line);
    vector<int> hours;
    for (size_t i = 2; i < parts.size(); ++i) hours.push_back(std::stoi(parts[i]));
    return Gardener(parts[0], parts[1], hours);
}

int main() {
    const vector<string> lines = {"Juno;beds;8;7;6", "Moss;trees;5;9", "nothing", "Bram;beds;8;8;5", "Wren;trees"};
    vector<Gardener> staff;
    for (const auto& line : lines) {
        try {
            staff.push_back(parse(line));
        } catch (const std::exception& e) {
            cout << "skipped (" << e.what() << ")\n";
        }
    }
    std::sort(staff.begin(), staff.end());
    cout << std::fixed << std::setprecision(1);
    for (const Gardener& g : staff)
        cout << std::left << std::setw(6) << g.name() << std::right << std::setw(4) << g.total() << std::setw(6) << g.average() << "\n";
    std::map<string, int> perTeam;
    for (const auto& g : staff) perTeam[g.team()] += g.total();
    for (auto it = perTeam.cbegin(); it != perTeam.cend(); ++it) cout << it->first << ": " << it->second << "\n";
    auto most = std::max_element(perTeam.begin(), perTeam.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
    cout << "busiest: " << most->first << std::endl;
}
