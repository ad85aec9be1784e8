#include <iostream>
#include <string>
#include <cctype>
#include <map>
#include <algorithm>
#include <sstream>
#include <vector>

std::string toLower(std::string s)
{
    std::transform(s.begin(), s.end(), s.begin(), [](unsigned char c) { return std::tolower(c); });
    return s;
}

std::string strip(const std::string& s)
{
    std::string out;
    for (char c : s)
        if (std::isalpha(static_cast<unsigned char>(c)) || c == '\'')
            out += c;
    return out;
}

int main()
{
    std::string line;
    std::map<std::string, int> counts;
    int lineNumber = 0;
    while (std::getline(std::cin, line) && line != "END")
    {
        ++lineNumber;
        std::istringstream words(line);
        std::string w;
        while (words >> w)
        {
            w = strip(toLower(w));
            if (w.empty()) continue;
            counts[w]++;
        }
    }
    std::vector<std::pair<std::string, int>> sorted(counts.begin(), counts.end());
    std::stable_sort(sorted.begin(), sorted.end(),
        [](const auto& a, const auto& b) { return a.second > b.second; });
    std::cout << "Lines: " << lineNumber << ", different words: " << sorted.size() << std::endl;
    int shown = 0;
    for (const auto& [word, count] : sorted)
    {
        if (shown++ == 5) break;
        std::cout << word << std::string(10 - word.length(), '.') << count << std::endl;
    }
    auto it = counts.find("water");
    if (it != counts.end())
        std::cout << "water occurs " << it->second << " times" << std::endl;
    else
        std::cout << "no water" << std::endl;
    std::string longest;
    for (auto i = counts.begin(); i != counts.end(); ++i)
        if (i->first.length() > longest.length()) longest = i->first;
    std::cout << "Longest: " << longest << '\n';
}
