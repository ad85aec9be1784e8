// Seed bank: a menu program kept by the garden club
#include <iostream>
#include <string>
#include <vector>
#include <iomanip>
#include <limits>

struct SeedPacket
{
    std::string name;
    int         quantity{0};
    double      price{0.0};
};

void printHeader(const std::string& title, char fill = '=')
{
    std::cout << std::string(title.size() + 4, fill) << '\n'
              << fill << ' ' << title << ' ' << fill << '\n'
              << std::string(title.size() + 4, fill) << '\n';
}

bool readInt(const char* prompt, int& out)
{
    std::cout << prompt;
    if (std::cin >> out) {
        std::cout << '\n';
        return true;
    }
    std::cin.clear();
    std::cin.ignore(std::numeric_limits<std::streamsize>::max(), '\n');
    std::cout << "(not a number)\n";
    return false;
}

void listAll(const std::vector<SeedPacket>& bank)
{
    if (bank.empty()) { std::cout << "The bank is empty.\n"; return; }
    std::cout << std::left << std::setw(12) << "Name" << std::right << std::setw(6) << "Qty" << std::setw(10) << "Price" << '\n';
    for (std::size_t i = 0; i < bank.size(); ++i) {
        const SeedPacket& p = bank[i];
        std::cout << std::left << std::setw(12) << p.name << std::right << std::setw(6) << p.quantity
                  << std::setw(10) << std::fixed << std::setprecision(2) << p.price << '\n';
    }
}

int main()
{
    std::vector<SeedPacket> bank;
    printHeader("Seed bank");
    bool running = true;
    while (running) {
        int choice = 0;
        if (!readInt("1 add, 2 list, 3 total, 0 quit: ", choice)) continue;
        switch (choice) {
            case 1: {
                SeedPacket p;
                std::cin >> p.name >> p.quantity >> p.price;
                bank.push_back(p);
                std::cout << "Added " << p.name << ".\n";
                break;
            }
            case 2:
                listAll(bank);
                break;
            case 3: {
                double total = 0;
                for (const auto& p : bank) total += p.quantity * p.price;
                std::cout << "Total value: " << total << '\n';
                break;
            }
            case 0:
                running = false;
                break;
            default:
                std::cout << "No such choice: " << choice << '\n';
        }
    }
    printHeader("Goodbye", '-');
    return 0;
}
