#include <iostream>
#include <string>
#include <fstream>
#include <sstream>
#include <vector>
#include <map>
#include <iomanip>

struct Entry { std::string date; std::string kind; double amount; };

std::vector<std::string> split(const std::string& line, char sep) {
    std::vector<std::string> parts;
    std::string part;
    std::istringstream in(line);
    while (std::getline(in, part, sep)) parts.push_back(part);
    return parts;
}

int main() {
    std::ofstream out("garden.csv");
    out << "date,kind,amount\n2024-03-01,seeds,12.5\n2024-03-04,tools,49.99\n2024-04-11,seeds,3\nbroken line\n";
    out.close();

    std::ifstream in("garden.csv");
    if (!in.is_open()) {
        std::cerr << "cannot open file\n";
        return 1;
    }
    std::string line;
    std::getline(in, line);
    std::vector<Entry> entries;
    int number = 1;
    while (std::getline(in, line)) {
        ++number;
        auto parts = split(line, ',');
        if (parts.size() != 3) {
            std::cout << "line " << number << " skipped: " << line << "\n";
            continue;
        }
        entries.push_back({parts[0], parts[1], std::stod(parts[2])});
    }
    std::map<std::string, double> totals;
    for (const auto& e : entries) totals[e.kind] += e.amount;
    std::cout << std::fixed << std::setprecision(2);
    for (const auto& [kind, total] : totals)
        std::cout << std::setw(8) << std::left << kind << std::setw(10) << std::right << total << "\n";
    double sum = 0;
    for (auto& p : totals) sum += p.second;
    std::cout << std::string(18, '-') << "\n" << std::setw(18) << sum << std::endl;
}
