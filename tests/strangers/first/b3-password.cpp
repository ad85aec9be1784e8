#include <iostream>
#include <string>
#include <vector>
#include <cctype>

std::vector<std::string> problemsOf(const std::string& password)
{
    std::vector<std::string> problems;
    bool hasDigit = false;
    bool hasUpper = false;
    bool hasSpecial = false;
    for (char c : password)
    {
        if (std::isdigit(c))
            hasDigit = true;
        else if (std::isupper(c))
            hasUpper = true;
        else if (!std::isalnum(static_cast<unsigned char>(c)))
            hasSpecial = true;
    }
    if (password.length() < 8) problems.push_back("too short");
    if (!hasDigit) problems.push_back("no digit");
    if (!hasUpper) problems.push_back("no capital letter");
    if (!hasSpecial) problems.push_back("no special sign");
    return problems;
}

int main()
{
    std::string passwords[] = {"garden", "Garden42", "Garden-gate-42", "12345678"};
    for (const auto& password : passwords)
    {
        auto problems = problemsOf(password);
        std::cout << password << ": ";
        if (problems.empty())
        {
            std::cout << "strong";
        }
        for (std::size_t i = 0; i < problems.size(); ++i)
        {
            if (i > 0) std::cout << "; ";
            std::cout << problems[i];
        }
        std::cout << '\n';
    }
}
